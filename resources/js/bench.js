import Alpine from '@alpinejs/csp';
import drawThreads from './threads.js';
import drag from './drag.js';
import { shortcut, stepped } from './keys.js';

const PAUSE_MS = 250;
const RETRY_MS = 3000;

/**
 * Live recalculation. The server reckons; this sends the form at each pause in typing and morphs the answer in. One
 * request is under way at a time, the newest state waits; a late answer is dropped; a field in use is never replaced.
 */
export default () => ({
    form: null,
    seq: 0,
    shown: 0,
    busy: false,
    dirty: false,
    waiting: null,
    timer: null,

    init() {
        this.form = this.$el;
        this.form.addEventListener('input', (event) => this.typed(event));
        this.form.addEventListener('change', (event) => this.typed(event, 0));
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.send(event.submitter?.name === 'do' ? event.submitter.value : '');
        });
        document.addEventListener('keydown', (event) => this.keys(event));
        drag(this.form, (action) => this.send(action));
        this.form.addEventListener('pointerover', (event) => this.point(event.target));
        this.form.addEventListener('pointerleave', () => this.point(null));
        this.form.addEventListener('focusin', (event) => this.point(event.target));
        this.form.addEventListener('toggle', () => this.threads(), true);
        window.addEventListener('resize', () => this.threads());
        document.fonts.ready.then(() => this.threads());
        this.threads();
    },

    typed(event, pause = PAUSE_MS) {
        if (event.target.closest('[role=combobox]') && event.target.dataset.picking) return;
        clearTimeout(this.timer);
        this.dirty = true;
        this.form.dataset.state = 'typing';
        this.timer = setTimeout(() => this.send(''), pause);
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
        const row = field.closest('.row')?.dataset.line ?? '';
        const asked = shortcut(event, row, field.closest('.lane')?.id.replace('lane-', '') ?? 'water');
        if (!asked) return;
        event.preventDefault();
        if (asked.send) this.send(asked.send);
        else document.querySelector(asked.press)?.click();
    },

    async send(action) {
        clearTimeout(this.timer);
        if (this.busy) {
            this.waiting = action || this.waiting || '';
            return;
        }
        this.busy = true;
        this.dirty = false;
        this.say('saving');
        const seq = ++this.seq;
        const body = new FormData(this.form);
        body.set('seq', seq);
        body.set('do', action);
        try {
            const answer = await fetch(this.form.action, { method: 'POST', body, headers: { 'X-Live': '1', Accept: 'text/html' } });
            if (answer.ok || answer.status === 409) {
                this.show(await answer.text(), seq, action);
                this.say(answer.ok ? 'saved' : '');
            } else {
                this.say('offline');
            }
        } catch {
            this.say('offline');
            this.waiting ??= action;
            setTimeout(() => this.next(), RETRY_MS);
            this.busy = false;
            return;
        }
        this.busy = false;
        this.next();
    },

    next() {
        if (this.waiting !== null && !this.busy) {
            const action = this.waiting;
            this.waiting = null;
            this.send(action);
        }
    },

    show(html, seq, action) {
        if (seq < this.shown) return;
        this.shown = seq;
        const body = this.form.querySelector('#bench-body');
        const rows = new Set([...body.querySelectorAll('.row')].map((row) => row.id));
        const focused = document.activeElement;
        const typedSince = this.waiting !== null || this.dirty;
        Alpine.morph(body, html, {
            key: (el) => el.id,
            updating(el, to, childrenOnly, skip) {
                if (el.nodeType !== 1) return;
                if (to.dataset?.keep !== undefined || el.matches('[data-own] input')) return skip();
                if (el === focused && el.matches('input, textarea, select') && (action === '' || typedSince)) {
                    ['aria-invalid', 'aria-describedby'].forEach((name) => (to.hasAttribute(name) ? el.setAttribute(name, to.getAttribute(name)) : el.removeAttribute(name)));
                    return skip();
                }
                if (el.matches('input, textarea') && el.type !== 'hidden' && !typedSince && el.value !== (to.getAttribute('value') ?? to.textContent)) {
                    el.value = to.getAttribute('value') ?? to.textContent;
                }
                if (el.matches('[data-own] option') && el.selected) to.setAttribute('selected', '');
                if (el.matches('details') && el.open) to.setAttribute('open', '');
                if (el.matches('.found') || el.matches('.threads')) return skip();
            },
        });
        if (focused !== document.activeElement && document.contains(focused)) focused.focus();
        if (action.startsWith('add:')) {
            const added = [...this.form.querySelectorAll('.row')].find((row) => !rows.has(row.id));
            added?.querySelector('.ingredient')?.focus();
        }
        this.threads();
    },

    point(target) {
        const band = target?.closest?.('[data-band]')?.dataset.band;
        this.form.classList.toggle('is-pointing', Boolean(band));
        this.form.querySelectorAll('[data-band]').forEach((el) => el.classList.toggle('is-lit', el.dataset.band === band));
        const row = target?.closest?.('.row')?.dataset.line;
        this.form.querySelectorAll('.pencil').forEach((el) => el.classList.toggle('is-lit', Boolean(row) && el.dataset.row === row));
    },

    say(state) {
        const net = this.form.querySelector('.net');
        net.textContent = state ? net.dataset[state] : '';
        net.classList.toggle('is-offline', state === 'offline');
        this.form.dataset.state = state || 'asking';
    },

    threads() {
        requestAnimationFrame(() => drawThreads(this.form.querySelector('#bench-body')));
    },
});
