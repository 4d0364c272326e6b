/**
 * What is told at the hob is kept in the browser until the workroom has answered, so a lost connection, a reload or a
 * flat battery loses nothing. Each thing told carries its own key: however often it is sent, it is written down once,
 * and in order. Beside it lies the step the page stood at, with those that can be gone on with alone.
 */
const PENDING = 'pending';
const PAGES = 'pages';

const open = () =>
    new Promise((resolve, reject) => {
        const asked = indexedDB.open('ilvane', 2);
        asked.onupgradeneeded = () => {
            for (const store of [PENDING, PAGES])
                if (!asked.result.objectStoreNames.contains(store)) asked.result.createObjectStore(store);
        };
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });

const within = async (store, mode, what) => {
    const database = await open();
    return new Promise((resolve, reject) => {
        const work = database.transaction(store, mode);
        let answer;
        work.oncomplete = () => {
            database.close();
            resolve(answer);
        };
        work.onerror = () => reject(work.error);
        what(work.objectStore(store), (value) => (answer = value));
    });
};

/** Where a browser keeps nothing (a private window may not), it lasts as long as the page does. */
const memory = new Map();

const inMemory = (batch, how) => {
    const list = how(memory.get(batch) ?? []);
    memory.set(batch, list);
    return list;
};

/** Reads a make's list, changes it and puts it back in one transaction. */
const change = (batch, how) =>
    within(PENDING, 'readwrite', (store, give) => {
        const asked = store.get(batch);
        asked.onsuccess = () => {
            const list = how([].concat(asked.result ?? []));
            list.length ? store.put(list, batch) : store.delete(batch);
            give(list);
        };
    }).catch(() => inMemory(batch, how));

/** @param {boolean} first  it stands for one that was asked back, before those told after it */
export const add = (batch, told, first = false) =>
    change(batch, (list) => {
        if (list.some(({ key }) => key === told.key)) return list;
        return first ? [told, ...list] : [...list, told];
    });
export const drop = (batch, key) => change(batch, (list) => list.filter((told) => told.key !== key));
export const waiting = (batch) => change(batch, (list) => list);
export const forget = async (batch) => {
    await change(batch, () => []);
    await within(PAGES, 'readwrite', (store) => store.delete(batch));
};

/** @param {{html: string, ahead: Object<string, string>}} page  the step it stands at, and the next by address */
export const keepPage = (batch, page) => within(PAGES, 'readwrite', (store) => store.put(page, batch));
export const keptPage = (batch) =>
    within(PAGES, 'readonly', (store, give) => {
        const asked = store.get(batch);
        asked.onsuccess = () => give(asked.result ?? null);
    });

/** Whether the workroom answers just now. */
export const answers = async () => {
    try {
        return (await fetch('/icon.svg', { method: 'HEAD', cache: 'no-store', signal: AbortSignal.timeout(2500) })).ok;
    } catch {
        return false;
    }
};

/** What is posted for it, with the token of now and how long ago it was told by this device's own clock. */
export const bodyOf = (told) =>
    new URLSearchParams([
        ...told.fields.filter(([name]) => !['_token', 'ago'].includes(name)),
        ['_token', document.querySelector('meta[name=csrf-token]').content],
        ['ago', Math.max(0, Math.round((Date.now() - told.at) / 1000))],
    ]);
