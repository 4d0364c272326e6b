import { add, answers, bodyOf, drop, keepPage, keptPage, waiting } from './pending.js';
import { numberOf } from './reading.js';
import screen from './screen.js';
import { clock, setNow, setOffset } from './timers.js';
import { renewToken } from './told.js';

const RETRY_MS = 1500;
const FOLLOW_MS = 3000;
const GIVE_UP_MS = 10_000;
/** Answers that asking again won't change: the page itself says what they mean. */
const FOR_GOOD = [401, 403, 404];

const isPlain = (answer) => answer.headers.get('Content-Type')?.startsWith('text/plain');
const parsed = (html) => document.createRange().createContextualFragment(html).querySelector('.hob-page');

/**
 * One page for a whole make: its steps change inside it, so that the screen's lock, clocks, sound and place last. What
 * is told is kept until the workroom has answered, and goes in once, in order. Without a connection the next steps that
 * need no judgement are gone on with; another device at the same make is followed.
 */
export default () => ({
    busy: false,
    lost: false,
    ahead: {},

    async init() {
        ({ batch: this.batch, make: this.make, follow: this.followed, token: this.token } = this.$el.dataset);
        this.place = this.$el.querySelector('#hob');
        screen(this.$el.querySelector('.hob-screen'));
        navigator.serviceWorker?.register('/hob-worker.js', { scope: '/make/' }).catch(() => null);
        this.$el.addEventListener('submit', (event) => this.submitted(event));
        this.$el.addEventListener('click', (event) => this.clicked(event));
        this.$el.addEventListener('input', () => (this.isTyped = true));
        this.$el.querySelector('.hob-elsewhere button').addEventListener('click', () => this.see(this.page.dataset.at));
        window.addEventListener('popstate', () => this.see(location.pathname, { push: false }));
        await this.comeBack();
        setInterval(() => this.follow(), FOLLOW_MS);
    },

    get page() {
        return this.place.querySelector('.hob-page');
    },

    get form() {
        return this.place.querySelector('.hob-form');
    },

    /** After a reload or a killed tab: what had no answer goes first; without the workroom, the step it stood at. */
    async comeBack() {
        const list = await drop(this.batch, this.page.dataset.answered).catch(() => []);
        const kept = await keptPage(this.batch).catch(() => null);
        this.ahead = kept?.ahead ?? {};
        if (await answers()) {
            this.arrived();
            if (list.length) await renewToken(this.token).catch(() => false);
            return this.send();
        }
        this.lost = true;
        if (kept) {
            setOffset(kept.clock);
            this.show(parsed(kept.html));
        }
        this.isLost(list);
    },

    submitted(event) {
        const form = event.target;
        if (form !== this.form) return;
        event.preventDefault();
        if (form.dataset.telling !== undefined) return;
        form.dataset.telling = '';
        this.tell(form, event.submitter);
    },

    async tell(form, button) {
        const fields = [...new FormData(form, button ?? undefined)].filter(([, value]) => typeof value === 'string');
        const weight = form.elements.weight?.value.trim() ?? '';
        const most = Number(form.dataset.most ?? Infinity);
        const standsForOneAskedBack = this.isAsked;
        this.isAsked = false;
        await add(
            this.batch,
            {
                action: form.getAttribute('action'),
                fields,
                key: form.elements.client_key.value,
                at: Date.now(),
                isPlain: !button?.name && (weight === '' || (numberOf(weight) > 0 && numberOf(weight) <= most)),
                words: `${form.dataset.say}${weight === '' ? '' : `, ${weight} g`}`,
            },
            standsForOneAskedBack,
        );
        await this.send();
    },

    /** All that waits, in order, each once; what was typed in the meantime stays. */
    async send() {
        if (this.busy) return;
        this.busy = true;
        let shown = null;
        try {
            for (let list = await waiting(this.batch); list.length; list = await waiting(this.batch)) {
                const page = await this.sent(list[0]);
                if (page === null) return this.isLost(list);
                await drop(this.batch, list[0].key);
                if (page === 'left') return;
                shown = page;
                this.isAsked = page.dataset.taken === undefined;
                if (this.isAsked) break;
            }
        } finally {
            this.busy = false;
        }
        const stays = this.lost && this.isTyped && !this.isAsked;
        this.lost = false;
        this.waits([]);
        if (!shown) return;
        if (stays) this.page.dataset.revision = shown.dataset.revision;
        else this.show(shown, { push: true });
    },

    /** The page it is answered with; null where nobody answered, 'left' where the answer is another room. */
    async sent(told) {
        const post = () => this.ask(told.action, { method: 'POST', body: bodyOf(told) });
        let answer = await post();
        if (answer?.status === 419 && (await renewToken(this.token).catch(() => false))) answer = await post();
        return this.pageOf(answer);
    },

    async ask(address, how = {}) {
        try {
            return await fetch(address, {
                ...how,
                headers: { 'X-Step': '1', Accept: 'text/html' },
                signal: AbortSignal.timeout(GIVE_UP_MS),
            });
        } catch {
            return null;
        }
    },

    async pageOf(answer) {
        const elsewhere = answer?.headers.get('X-Go') ?? (FOR_GOOD.includes(answer?.status) ? this.make : null);
        if (elsewhere) {
            window.location = elsewhere;
            return 'left';
        }
        this.why = answer && !answer.ok && isPlain(answer) ? await answer.text().catch(() => '') : '';
        return answer?.ok ? parsed(await answer.text().catch(() => '')) : null;
    },

    clicked(event) {
        const link = event.target.closest?.('a[href]');
        if (!link || event.defaultPrevented || event.button || event.ctrlKey || event.metaKey || event.shiftKey) return;
        const { pathname, origin, hash } = new URL(link.href);
        if (origin !== location.origin || hash || !pathname.startsWith(`${this.make}/`)) return;
        event.preventDefault();
        this.see(pathname);
    },

    async see(address, { push = true } = {}) {
        const page = await this.pageOf(await this.ask(address));
        if (page === 'left') return;
        if (page) return this.show(page, { push });
        const kept = this.ahead[address];
        kept ? this.show(parsed(kept), { push }) : this.isLost(await waiting(this.batch).catch(() => []));
    },

    show(page, { push = false } = {}) {
        if (!page) return;
        const before = this.page.dataset.step;
        const isSame = page.dataset.step === before;
        this.place.replaceChildren(page);
        page.classList.toggle('is-new', !isSame);
        if (push && page.dataset.at !== location.pathname) history.pushState(null, '', page.dataset.at);
        this.arrived();
        const asked = page.querySelector('[aria-invalid], .over');
        if (asked) return asked.scrollIntoView({ block: 'center' });
        if (isSame) return;
        window.scrollTo(0, 0);
        page.querySelector('.hob-what').focus({ preventScroll: true });
    },

    /** A step stands there now: its time is the workroom's, and those after it are fetched for when nobody answers. */
    async arrived() {
        document.title = this.page.dataset.title;
        this.isTyped = false;
        this.place.querySelector('[aria-invalid]')?.scrollIntoView({ block: 'center' });
        this.$el.querySelector('.hob-elsewhere').hidden = true;
        this.$el.querySelector('.hob-end').hidden = true;
        if (this.lost) return;
        setNow(Number(this.page.dataset.now));
        const html = this.page.outerHTML;
        keepPage(this.batch, { html, ahead: { ...this.ahead }, clock: clock() }).catch(() => null);
        const answer = await fetch(this.page.dataset.ahead, { headers: { 'X-Live': '1', Accept: 'text/html' } }).catch(
            () => null,
        );
        if (!answer?.ok) return;
        const pages = document.createRange().createContextualFragment(await answer.text()).children;
        const ahead = Object.fromEntries([...pages].map((page) => [page.dataset.at, page.outerHTML]));
        this.ahead = ahead;
        this.place.dataset.ahead = this.page.dataset.step;
        keepPage(this.batch, { html, ahead, clock: clock() }).catch(() => null);
    },

    /** Nobody answers: what waits is shown, the next step is gone on with, and the door is knocked at. */
    async isLost(list) {
        this.lost = true;
        this.waits(list);
        const last = list.at(-1);
        const stood = this.form;
        const isTold = stood && last && stood.getAttribute('action') === last.action;
        if (isTold) {
            const next = Object.keys(this.ahead).find((address) => !list.some(({ action }) => action === address));
            if (last.isPlain && next) this.goOn(next);
            else this.$el.querySelector('.hob-end').hidden = false;
        }
        clearTimeout(this.knocking);
        this.knocking = setTimeout(() => this.knock(), RETRY_MS);
    },

    goOn(address) {
        this.show(parsed(this.ahead[address]), { push: true });
        this.place.querySelectorAll('[data-only-online]').forEach((line) => (line.hidden = true));
        keptPage(this.batch)
            .then((kept) => keepPage(this.batch, { ...kept, html: this.page.outerHTML }))
            .catch(() => null);
    },

    async knock() {
        if (!(await answers())) return (this.knocking = setTimeout(() => this.knock(), RETRY_MS));
        const hadNone = (await waiting(this.batch).catch(() => [])).length === 0;
        await renewToken(this.token).catch(() => false);
        await this.send();
        if (hadNone && !this.lost && !this.isTyped) await this.see(this.page.dataset.at);
    },

    waits(list) {
        const strip = this.$el.querySelector('.hob-offline');
        strip.hidden = !this.lost;
        strip.querySelector('p').textContent = this.why || strip.dataset.words;
        strip.querySelector('.hob-waiting').replaceChildren(
            ...list.map(({ words }) => Object.assign(document.createElement('li'), { textContent: words ?? '' })),
        );
    },

    /** Something was told on another device: the step that waits comes here too, unless hands are full. */
    async follow() {
        if (document.visibilityState !== 'visible' || this.busy || this.lost) return;
        const answer = await fetch(this.followed, { headers: { Accept: 'application/json' } }).catch(() => null);
        if (!answer?.ok || this.busy) return;
        const { revision, at, now } = await answer.json();
        setNow(now);
        if (String(revision) === this.page.dataset.revision) return;
        if (this.isTyped || this.place.querySelector('.over')) {
            this.$el.querySelector('.hob-elsewhere').hidden = false;
            return;
        }
        await this.see(this.page.dataset.waits === undefined ? this.page.dataset.at : at);
    },
});
