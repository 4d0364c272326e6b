/** What the keys do on the bench. The sheet of shortcuts (resources/views/bench/keys) lists the same. */

/** The amount one step up or down by the arrows, ten with Shift; null where it is no plain number to step. */
export const stepped = (value, event) => {
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    const read = /^(\s*)(\d+(?:([.,])(\d+))?)(\s*(?:%|g|ml|mL)\s*)$/.exec(value);
    if (!by || !read || event.altKey || event.ctrlKey || event.metaKey) return null;
    const digits = Math.max(read[4]?.length ?? 0, 1);
    const next = Math.max(0, Number(read[2].replace(',', '.')) + (by * (event.shiftKey ? 10 : 1)) / 10);
    const text = next.toFixed(digits).replace(/\.0+$/, '');
    return read[1] + (read[3] === ',' ? text.replace('.', ',') : text) + read[5];
};

const pressed = {
    KeyS: '#keep-open',
    KeyB: '#to-bend',
    KeyC: '#to-compare',
    KeyR: '#to-rehearse',
    Slash: '#keys-open',
    KeyM: '#do-make',
};

/** @returns {{send: string}|{press: string}|null} */
export const shortcut = (event, row, lane) => {
    const isUndo = (event.ctrlKey || event.metaKey) && !event.altKey;
    if (isUndo && event.code === 'KeyZ') return { send: event.shiftKey ? 'redo' : 'undo' };
    if (isUndo && event.code === 'KeyY') return { send: 'redo' };
    if (event.key === '?' && !event.target.matches('input, textarea, select')) return { press: '#keys-open' };
    if (!event.altKey || event.ctrlKey || event.metaKey) return null;
    if (pressed[event.code]) return { press: pressed[event.code] };
    if (event.code === 'KeyA') return { send: `add:${lane}` };
    if (!row) return null;
    if (event.key === 'ArrowUp') return { send: `up:${row}` };
    if (event.key === 'ArrowDown') return { send: `down:${row}` };
    if (event.key === 'Delete' || event.key === 'Backspace') return { send: `remove:${row}` };
    if (event.code === 'KeyI') return { press: `#row-${row} .to-instead` };
    return null;
};
