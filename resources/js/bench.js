import Alpine from '@alpinejs/csp';
import drawThreads from './threads.js';
import drag from './drag.js';
import Fields from './fields.js';
import { shortcut, stepped } from './keys.js';
import Sender from './sender.js';
import { newKey } from './told.js';

const PAUSE_MS = 40;

/**
 * Live recalculation. The server calculates; this sends what changed at each pause in typing and morphs the answer in.
 * What is sent, in which order, and whether it has arrived is the Sender's; what each field is based on is Fields'.
 */
export default () => ({
    form: null,
    fields: null,
    sender: null,
    timer: null,
    edit: '',

    init() {
        this.form = this.$el;
        this.form.dataset.state = 'saved';
        this.fields = new Fields(this.form);
        this.sender = new Sender(this.form, this.fields, (html, turn) => this.show(html, turn));
        this.form.addEventListener('input', (event) => this.typed(event));
        this.form.addEventListener('change', (event) => this.typed(event, 0));
        this.form.addEventListener('focusin', (event) => {
            this.edit = newKey();
            this.point(event.target);
        });
        this.form.addEventListener('focusout', (event) => this.fields.tidy(event.target));
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.press(event.submitter?.name === 'do' ? event.submitter.value : '');
        });
        document.addEventListener('keydown', (event) => this.keys(event));
        drag(this.form, (action, edit) => this.press(action, edit));
        this.form.addEventListener('pointerover', (event) => this.point(event.target));
        this.form.addEventListener('pointerleave', () => this.point(null));
        this.form.addEventListener('click', (event) => event.target.closest('[data-walk]') && this.walk());
        this.form.addEventListener('toggle', () => this.threads(), true);
        window.addEventListener('resize', () => this.threads());
        window.addEventListener('beforeunload', (event) => {
            this.sendTyped();
            if (this.sender.isFailing) event.preventDefault();
        });
        document.fonts.ready.then(() => this.threads());
        this.threads();
    },

    /** From one open problem to the next: its note is lit, its line stands in view, its first way out has the focus. */
    walk() {
        const stops = [...this.form.querySelectorAll('.pencil.sev-stop')];
        if (!stops.length) return;
        const at = (stops.findIndex((note) => note.classList.contains('is-walked')) + 1) % stops.length;
        stops.forEach((note, i) => note.classList.toggle('is-walked', i === at));
        const row = document.getElementById(`row-${stops[at].dataset.row}`);
        stops[at].scrollIntoView({ block: 'center' });
        (
            stops[at].querySelector('.fix') ??
            row?.querySelector('.amount') ??
            stops[at].querySelector('summary')
        )?.focus();
        this.point(row);
    },

    typed(event, pause = PAUSE_MS) {
        if (event.target.closest('[data-own]')) return;
        clearTimeout(this.timer);
        this.form.dataset.state = 'typing';
        this.timer = setTimeout(() => this.sendTyped(), pause);
    },

    sendTyped() {
        clearTimeout(this.timer);
        this.sender.type(this.edit);
    },

    press(action, edit = '') {
        clearTimeout(this.timer);
        this.sender.press(action, edit || this.edit);
    },

    keys(event) {
        const field = event.target;
        const next = field.matches('.amount') ? stepped(field.value, event) : null;
        if (next !== null) {
            event.preventDefault();
            field.value = next;
            this.typed(event);
            return;
        }
        if (
            event.key === 'Enter' &&
            field.matches('.row .amount') &&
            !event.altKey &&
            !event.ctrlKey &&
            !event.metaKey
        ) {
            event.preventDefault();
            this.nextLine(field);
            return;
        }
        const row = field.closest('.row')?.dataset.line ?? '';
        const asked = shortcut(event, row, field.closest('.lane')?.id.replace('lane-', '') ?? 'water');
        if (!asked) return;
        event.preventDefault();
        if (asked.send) this.press(asked.send);
        else document.querySelector(asked.press)?.click();
    },

    /** Enter in an amount goes on to the next line; in the last one of a lane it opens a new line there. */
    nextLine(field) {
        const rows = [...field.closest('.lane').querySelectorAll('.row')];
        const next = rows[rows.indexOf(field.closest('.row')) + 1];
        if (next) next.querySelector('.ingredient').focus();
        else this.press(`add:${field.closest('.lane').id.replace('lane-', '')}`);
    },

    show(html, { action, isStale }) {
        const body = this.form.querySelector('#bench-body');
        const rows = new Set([...body.querySelectorAll('.row')].map((row) => row.id));
        const focused = document.activeElement;
        Alpine.morph(body, html, {
            key: (el) => el.id,
            updating(el, to, childrenOnly, skip) {
                if (el.nodeType !== 1) return;
                if (el.matches('[data-own] input')) return skip();
                if (Fields.isOne(el)) {
                    // what stands in a field is for Fields to decide; only what is said of it is new
                    ['aria-invalid', 'aria-describedby', 'aria-label', 'title'].forEach((name) =>
                        to.hasAttribute(name) ? el.setAttribute(name, to.getAttribute(name)) : el.removeAttribute(name),
                    );
                    return skip();
                }
                if (el.matches('[data-own] option') && el.selected) to.setAttribute('selected', '');
                if (el.matches('details') && el.open) to.setAttribute('open', '');
                if (el.matches('.found') || el.matches('.threads')) return skip();
                // the offers that stand stay until the new ones are tried
                if (el.matches('.pencil-fixes') && to.matches('[data-waits]')) return skip();
            },
        });
        this.offers(body);
        if (focused !== document.activeElement && focused.name)
            (document.contains(focused) ? focused : this.form.elements[focused.name])?.focus?.();
        if (action.startsWith('add:') && !isStale) {
            const added = [...this.form.querySelectorAll('.row')].find((row) => !rows.has(row.id));
            added?.querySelector('.ingredient')?.focus();
        }
        this.threads();
    },

    /** The second answer: every offer tried. Asked for when nothing is on its way, dropped when something new came. */
    async offers(body) {
        this.asked?.abort();
        if (!body.dataset.notes || this.sender.queue.length) return;
        this.asked = new AbortController();
        const { signal } = this.asked;
        const html = await this.notesOf(body, signal).catch(() => null);
        if (signal.aborted) return;
        delete body.dataset.notes;
        if (html !== null) {
            Alpine.morph(body.querySelector('#notes'), html, {
                key: (el) => el.id,
                updating: (el, to) => {
                    if (el.nodeType === 1 && el.matches('details') && el.open) to.setAttribute('open', '');
                },
            });
            this.threads();
        }
    },

    /** @returns {Promise<string|null>} null where the formula is another by now: the next turn asks again */
    async notesOf(body, signal) {
        const answer = await fetch(body.dataset.notes, { headers: { 'X-Live': '1' }, signal });
        const isOfNow = answer.headers.get('X-Revision') === body.dataset.revision;
        return answer.ok && !answer.redirected && isOfNow ? answer.text() : null;
    },

    point(target) {
        const band = target?.closest?.('[data-band]')?.dataset.band;
        this.form.classList.toggle('is-pointing', Boolean(band));
        this.form
            .querySelectorAll('[data-band]')
            .forEach((el) => el.classList.toggle('is-lit', el.dataset.band === band));
        const row = target?.closest?.('.row')?.dataset.line;
        this.form
            .querySelectorAll('.pencil')
            .forEach((el) => el.classList.toggle('is-lit', Boolean(row) && el.dataset.row === row));
    },

    threads() {
        requestAnimationFrame(() => drawThreads(this.form.querySelector('#bench-body')));
    },
});
