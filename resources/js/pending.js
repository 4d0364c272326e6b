/**
 * What is told at the hob is kept in the browser until the workroom has answered, so a lost connection, a reload or a
 * flat battery loses nothing. Each thing told carries its own key: however often it is sent, it is written down once,
 * and in order.
 */
const STORE = 'pending';

const open = () =>
    new Promise((resolve, reject) => {
        const asked = indexedDB.open('ilvane', 1);
        asked.onupgradeneeded = () => asked.result.createObjectStore(STORE);
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });

const within = async (mode, what) => {
    const database = await open();
    return new Promise((resolve, reject) => {
        const work = database.transaction(STORE, mode);
        let answer;
        work.oncomplete = () => resolve(answer);
        work.onerror = () => reject(work.error);
        what(work.objectStore(STORE), (value) => (answer = value));
    });
};

/** Reads a make's list, changes it and puts it back in one transaction. */
const change = (batch, how) =>
    within('readwrite', (store, give) => {
        const asked = store.get(batch);
        asked.onsuccess = () => {
            const list = how([].concat(asked.result ?? []));
            list.length ? store.put(list, batch) : store.delete(batch);
            give(list);
        };
    });

export const add = (batch, told) =>
    change(batch, (list) => (list.some(({ key }) => key === told.key) ? list : [...list, told]));
export const drop = (batch, key) => change(batch, (list) => list.filter((told) => told.key !== key));
export const waiting = (batch) => change(batch, (list) => list);
export const forget = (batch) => change(batch, () => []);

/** Whether the workroom answers just now. */
export const answers = async () => {
    try {
        return (await fetch('/icon.svg', { method: 'HEAD', cache: 'no-store', signal: AbortSignal.timeout(2500) })).ok;
    } catch {
        return false;
    }
};

const token = () => document.querySelector('meta[name=csrf-token]').content;

const fieldsOf = (told) => [
    ...told.fields.filter(([name]) => !['_token', 'ago'].includes(name)),
    ['_token', token()],
    ['ago', Math.max(0, Math.round((Date.now() - told.at) / 1000))],
];

/** Tells it without leaving the page: true once it is written down, false where the workroom wants a word about it. */
export const post = async (told) =>
    (
        await fetch(told.action, {
            method: 'POST',
            body: new URLSearchParams(fieldsOf(told)),
            headers: { Accept: 'application/json' },
        })
    ).ok;

/** Tells it as the form would, and goes where the answer leads. */
export const submit = (told) => {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = told.action;
    form.hidden = true;
    for (const [name, value] of fieldsOf(told)) {
        const field = document.createElement('input');
        field.type = 'hidden';
        field.name = name;
        field.value = value;
        form.append(field);
    }
    document.body.append(form);
    form.submit();
};
