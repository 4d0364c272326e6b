import { answers, forget, keep, kept } from './pending.js';

const RETRY_MS = 1500;

/** A step at the hob: the dial's buttons, the screen kept awake, what is told kept until it has arrived, once. */
export default () => ({
    sent: false,
    lock: null,
    batch: '',

    init() {
        this.batch = this.$el.dataset.batch ?? '';
        this.$el.querySelectorAll('.dial-step').forEach((button) =>
            button.addEventListener('click', () => this.turn(Number(button.dataset.by))),
        );
        this.$el.addEventListener('submit', (event) => {
            if (this.sent) return event.preventDefault();
            this.sent = true;
            if (this.batch) {
                event.preventDefault();
                this.tell(event.submitter);
            }
        });
        window.addEventListener('pageshow', () => {
            this.sent = false;
        });
        this.stayAwake();
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.stayAwake());
        if (this.batch) this.resume();
    },

    async tell(submitter) {
        const fields = [...new FormData(this.$el, submitter ?? undefined)].filter(([, value]) => typeof value === 'string');
        const told = { action: this.$el.action, fields, key: this.$el.elements.client_key.value };
        await keep(this.batch, told).catch(() => null);
        this.send(told);
    },

    /** What was told before a reload and has had no answer goes first. */
    async resume() {
        const told = await kept(this.batch).catch(() => null);
        if (!told) return;
        if (told.key === document.body.dataset.answered) return forget(this.batch);
        this.sent = true;
        this.send(told);
    },

    async send(told) {
        if (!(await answers())) {
            document.querySelector('.hob-offline').hidden = false;
            setTimeout(() => this.send(told), RETRY_MS);
            return;
        }
        const form = document.createElement('form');
        form.method = 'post';
        form.action = told.action;
        form.hidden = true;
        for (const [name, value] of told.fields) {
            const field = document.createElement('input');
            field.type = 'hidden';
            field.name = name;
            field.value = name === '_token' ? document.querySelector('meta[name=csrf-token]').content : value;
            form.append(field);
        }
        document.body.append(form);
        form.submit();
    },

    turn(by) {
        const field = this.$el.querySelector('.dial input');
        const digits = Math.max(0, (String(Math.abs(by)).split('.')[1] ?? '').length);
        const value = Number(field.value.replace(',', '.')) || 0;
        field.value = Math.max(0, value + by).toFixed(digits);
    },

    async stayAwake() {
        try {
            this.lock = await navigator.wakeLock?.request('screen');
        } catch {
            this.lock = null;
        }
    },
});
