/**
 * A stratum is drawn higher or lower by the mouse; its line then weighs in proportion. The server redraws as it goes.
 * What fills up to 100 follows the others and can't be drawn itself. By keyboard: the arrows in the amount do the same.
 */
import { newKey } from './told.js';

const PAUSE_MS = 90;

export default (form, send) => {
    let held = null;
    let last = 0;

    const grams = (event) => {
        const rise = (held.y - event.clientY) * held.unitsPerPixel;
        return Math.max(0, (held.grams * (held.high + rise)) / held.high);
    };

    form.addEventListener('pointerdown', (event) => {
        const stratum = event.target.closest?.('.cutaway .stratum');
        const row = stratum && form.querySelector(`.row[data-band="${stratum.dataset.band}"]`);
        if (!row?.dataset.weighs || event.pointerType === 'touch' || event.button !== 0) return;
        const svg = stratum.ownerSVGElement;
        held = {
            edit: newKey(),
            key: row.dataset.line,
            grams: Number(row.dataset.weighs),
            high: Math.max(1, Number(stratum.dataset.high)),
            y: event.clientY,
            unitsPerPixel: svg.viewBox.baseVal.height / svg.getBoundingClientRect().height,
        };
        form.classList.add('is-dragging');
        event.preventDefault();
    });
    window.addEventListener('pointermove', (event) => {
        if (!held || event.timeStamp - last < PAUSE_MS) return;
        last = event.timeStamp;
        held.moved = true;
        send(`weigh:${held.key}:${grams(event).toFixed(3)}`, held.edit);
    });
    window.addEventListener('pointerup', (event) => {
        if (held?.moved) send(`weigh:${held.key}:${grams(event).toFixed(3)}`, held.edit);
        held = null;
        form.classList.remove('is-dragging');
    });
};
