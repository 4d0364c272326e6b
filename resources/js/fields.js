/**
 * What stands in each field of a page that is being written, and what it is based on.
 *
 * `base` is what the server last said stands in a field; `clean` is what the field showed then. They differ only
 * where the server words a name otherwise than it was typed and the maker is still in the field. A field that shows
 * something else than `clean` has been typed in since, and is sent with its base; the server judges the new value
 * against that, whatever else has happened.
 */
const OUTSIDE = ['_token', 'revision', 'do'];

export default class Fields {
    constructor(form) {
        this.form = form;
        this.base = new Map();
        this.clean = new Map();
        for (const field of this.all()) this.take(field, field.value);
    }

    static isOne(el) {
        return (
            el.matches('input[name], select[name], textarea[name]') &&
            !OUTSIDE.includes(el.name) &&
            !el.closest('[data-own]')
        );
    }

    all() {
        return [...this.form.elements].filter(Fields.isOne);
    }

    take(field, value) {
        this.base.set(field.name, value);
        this.clean.set(field.name, field.value);
    }

    isTyped(field) {
        return field.value !== this.clean.get(field.name);
    }

    /** A row is one thing: where one of its fields was typed in, all of them are sent. */
    typed() {
        const rows = new Set();
        const typed = this.all().filter((field) => this.isTyped(field));
        typed.forEach((field) => field.closest('.row') && rows.add(field.closest('.row')));
        const fields = new Map();
        for (const field of this.all()) {
            if (typed.includes(field) || rows.has(field.closest('.row'))) fields.set(field.name, field.value);
        }
        return fields;
    }

    /**
     * Of what waited to be sent: what the server said of a field meanwhile, or the maker took back, goes no more; what
     * only goes along with its row goes as it stands now.
     *
     * @param {Map<string, string>} waiting
     */
    stillTyped(waiting) {
        const now = this.typed();
        const own = new Set(
            this.all()
                .filter((field) => this.isTyped(field))
                .map((field) => field.name),
        );
        return new Map(
            [...waiting]
                .filter(([name]) => now.has(name))
                .map(([name, value]) => [name, own.has(name) ? value : now.get(name)]),
        );
    }

    values() {
        return new Map(this.all().map((field) => [field.name, field.value]));
    }

    /** A row drawn in another lane has new fields; what was in the old ones goes into them. */
    restore(values) {
        for (const field of this.all()) {
            if (values.has(field.name) && field.value !== values.get(field.name)) field.value = values.get(field.name);
        }
    }

    was(name) {
        return this.base.get(name) ?? '';
    }

    /** Fields that are no part of what is written, but that a press may need. */
    beside() {
        return new Map(
            [...this.form.elements]
                .filter((el) => el.name && el.closest('[data-own]') && !['button', 'submit'].includes(el.type))
                .map((el) => [el.name, el.value]),
        );
    }

    /**
     * Takes in what the server says stands in each field.
     *
     * @param {Document|DocumentFragment} answer
     * @param {Map<string, string>} sent  what this page had sent
     * @param {boolean} isPress  something was pressed: its effect is shown even in the field in use
     */
    answered(answer, sent, isPress) {
        const said = new Map(
            [...answer.querySelectorAll('input[name], select[name], textarea[name]')].map((el) => [el.name, el.value]),
        );
        for (const field of this.all()) {
            const { name } = field;
            if (!said.has(name)) continue;
            const now = said.get(name);
            if (!this.base.has(name)) {
                this.take(field, now);
            } else if (sent.has(name)) {
                const isUsed = field === document.activeElement && !isPress;
                const typedSince = field.value !== sent.get(name);
                this.base.set(name, now);
                if (!typedSince && !isUsed) field.value = now;
                this.clean.set(name, typedSince ? sent.get(name) : field.value);
            } else if (!this.isTyped(field)) {
                field.value = now;
                this.take(field, now);
            } // else: typed in since; if another window has been at it, the server will ask
        }
        const names = new Set(this.all().map((field) => field.name));
        for (const name of [...this.base.keys()]) {
            if (!names.has(name)) {
                this.base.delete(name);
                this.clean.delete(name);
            }
        }
    }

    /** The maker has left a field: now it may show the server's wording. */
    tidy(field) {
        if (!Fields.isOne(field) || this.isTyped(field) || field.value === this.was(field.name)) return;
        field.value = this.was(field.name);
        this.clean.set(field.name, field.value);
    }
}
