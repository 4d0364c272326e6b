/**
 * What is told at the hob is kept in the browser until the workroom has answered, so a lost connection, a reload or a flat
 * battery loses nothing. It carries its own key: however often it is sent, it is written down once.
 */
const STORE = 'pending';

const open = () => new Promise((resolve, reject) => {
    const asked = indexedDB.open('ilvane', 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE);
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(asked.error);
});

const done = async (mode, what) => {
    const database = await open();
    return new Promise((resolve, reject) => {
        const asked = what(database.transaction(STORE, mode).objectStore(STORE));
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });
};

export const keep = (batch, told) => done('readwrite', (store) => store.put(told, batch));
export const kept = (batch) => done('readonly', (store) => store.get(batch));
export const forget = (batch) => done('readwrite', (store) => store.delete(batch));

/** Whether the workroom answers just now. */
export const answers = async () => {
    try {
        return (await fetch('/icon.svg', { method: 'HEAD', cache: 'no-store', signal: AbortSignal.timeout(2500) })).ok;
    } catch {
        return false;
    }
};
