import { newKey } from './told.js';

/**
 * The next steps, gone on with while the workroom doesn't answer. What is told there is handed to `tell`, one after
 * the other.
 */

export default class Ahead {
    constructor(panel, steps, tell) {
        [this.panel, this.steps, this.tell, this.at] = [panel, steps, tell, -1];
        this.field = panel.querySelector('input');
        panel.querySelector('button').addEventListener('click', () => this.told());
        this.field.addEventListener('input', () => (this.typed = true));
    }

    get isOpen() {
        return !this.panel.hidden;
    }

    /** The page of the step it stands at. */
    get page() {
        return this.steps[this.at]?.page;
    }

    next() {
        this.at += 1;
        this.typed = false;
        const step = this.steps[this.at];
        this.panel.hidden = false;
        this.panel.classList.toggle('is-at-end', !step);
        if (!step) return;
        for (const part of ['verb', 'what', 'number', 'unit'])
            this.panel.querySelector(`[data-part="${part}"]`).textContent = step[part];
        this.panel.querySelector('label').hidden = !step.weighs;
        this.field.value = '';
        this.field.placeholder = step.weighs ? step.number : '';
    }

    told() {
        const step = this.steps[this.at];
        const fields = [
            ['client_key', newKey()],
            ...(step.weighs && this.field.value.trim() !== '' ? [['weight', this.field.value]] : []),
            ...(step.lot === null ? [] : [['lot', step.lot]]),
        ];
        const weight = Number(this.field.value.replace(',', '.'));
        const isPlain = !step.weighs || this.field.value.trim() === '' || (weight > 0 && weight <= step.most);
        this.tell({ action: step.action, fields, key: fields[0][1], at: Date.now(), isPlain });
    }
}
