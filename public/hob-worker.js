/**
 * The hob without a connection: the page of each make as it came last, with its scripts and styles, so that a killed tab
 * comes back with its tools. Nothing told passes through here, and nothing is answered from here while the workroom
 * answers.
 */
const KEPT = 'ilvane-hob-1';
const MAKES = 12;
const PATIENCE_MS = 6000;
const NOBODY = [502, 503, 504];

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** All steps of a make are one page. */
const makeOf = (address) => `${address.origin}/make/${address.pathname.split('/')[2]}`;

const keep = async (key, answer) => {
    const kept = await caches.open(KEPT);
    await kept.put(key, answer);
    const makes = (await kept.keys()).filter(({ url }) => new URL(url).pathname.startsWith('/make/'));
    await Promise.all(makes.slice(0, -MAKES).map((old) => kept.delete(old)));
};

const page = async (request, address) => {
    try {
        const answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
        // somebody stands before the workroom and says that it isn't there
        if (NOBODY.includes(answer.status)) throw new Error(`${answer.status}`);
        if (answer.ok && !answer.redirected) await keep(makeOf(address), answer.clone());
        if (answer.status === 401 || answer.status === 403) await caches.delete(KEPT);
        return answer;
    } catch (problem) {
        return (await caches.match(makeOf(address))) ?? Promise.reject(problem);
    }
};

/** Built files carry their contents in their names. */
const asset = async (request) => {
    const kept = await caches.match(request);
    if (kept) return kept;
    const answer = await fetch(request);
    if (answer.ok) await keep(request, answer.clone());
    return answer;
};

self.addEventListener('fetch', (event) => {
    const address = new URL(event.request.url);
    if (event.request.method !== 'GET' || address.origin !== self.location.origin) return;
    if (event.request.mode === 'navigate' && address.pathname.startsWith('/make/'))
        event.respondWith(page(event.request, address));
    else if (address.pathname.startsWith('/build/assets/') || address.pathname === '/icon.svg')
        event.respondWith(asset(event.request));
});
