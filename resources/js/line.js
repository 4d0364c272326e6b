import { setNow } from './timers.js';

/**
 * The shelf line along the foot of the page. What it showed on the page before stands at once, what is true now
 * follows from the workroom, again whenever the page is looked at anew; without an answer it goes, rather than say
 * what may no longer be so.
 */
const KEPT = 'shelf-line';
const EVERY_MS = 20_000;

const show = (line, html) => line.replaceChildren(document.createRange().createContextualFragment(html));

const ask = async (line) => {
    try {
        const answer = await fetch(line.dataset.href, { headers: { Accept: 'text/html', 'X-Live': '1' } });
        // a device that was ended is led to the door
        if (!answer.ok || answer.redirected) throw new Error(answer.statusText);
        setNow(Number(answer.headers.get('X-Now')));
        const now = await answer.text();
        if (now !== sessionStorage.getItem(KEPT) || !line.firstChild) show(line, now);
        sessionStorage.setItem(KEPT, now);
    } catch {
        line.replaceChildren();
        sessionStorage.removeItem(KEPT);
    }
};

export default () => {
    document.querySelector('.rim nav [aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
    const line = document.getElementById('shelf-line');
    if (!line) return;
    const before = sessionStorage.getItem(KEPT);
    if (before) show(line, before);
    ask(line);
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && ask(line));
    // a clock that is started at the hob rings here too
    setInterval(() => line.querySelector('[data-making]') && ask(line), EVERY_MS);
};
