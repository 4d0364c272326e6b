import Ahead from './ahead.js';
import { add, answers, drop, post, submit, waiting } from './pending.js';

const RETRY_MS = 1500;

/** One grey dot, once a second, as a film. */
const playSilence = () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 2, height: 2 });
    const film = Object.assign(document.createElement('video'), { muted: true, playsInline: true, className: 'film' });
    const draw = () => canvas.getContext('2d').fillRect(0, 0, 1, 1);
    draw();
    setInterval(draw, 1000);
    film.srcObject = canvas.captureStream?.(1) ?? null;
    if (!film.srcObject) return;
    document.body.append(film);
    film.play().catch(() => film.remove());
};

/**
 * A step at the hob: the dial's buttons, the screen kept awake, what is told kept until it has arrived, once and in
 * order.
 */
export default () => ({
    sent: false,
    batch: '',

    init() {
        this.batch = this.$el.dataset.batch ?? '';
        this.$el
            .querySelectorAll('.dial-step')
            .forEach((button) => button.addEventListener('click', () => this.turn(Number(button.dataset.by))));
        this.$el.addEventListener('submit', (event) => {
            if (this.sent) return event.preventDefault();
            this.sent = true;
            this.$el.dataset.telling = '';
            if (this.batch) {
                event.preventDefault();
                this.tellForm(event.submitter);
            }
        });
        window.addEventListener('pageshow', () => {
            this.sent = false;
            delete this.$el.dataset.telling;
        });
        // what is asked back stands in sight, not under the buttons
        this.$el.querySelector('[aria-invalid]')?.scrollIntoView({ block: 'center' });
        this.stayAwake();
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.stayAwake());
        if (this.batch) this.resume();
    },

    async tellForm(submitter) {
        const fields = [...new FormData(this.$el, submitter ?? undefined)].filter(
            ([, value]) => typeof value === 'string',
        );
        const { most } = this.$el.dataset;
        const typed = (this.$el.elements.weight?.value ?? '').trim();
        const weight = Number(typed.replace(',', '.'));
        const isPlain = !submitter?.name && (!most || typed === '' || (weight > 0 && weight <= Number(most)));
        await this.tell({
            action: this.$el.action,
            fields,
            key: this.$el.elements.client_key.value,
            at: Date.now(),
            isPlain,
        });
    },

    async tell(told) {
        await add(this.batch, told).catch(() => null);
        if (await answers()) return this.send(told);
        this.offline();
        if (told.isPlain) this.goOn();
        else this.$el.parentElement.querySelector('.hob-ahead')?.classList.add('is-at-end');
    },

    /** What was told before a reload and has had no answer goes first. */
    async resume() {
        const list = await drop(this.batch, document.body.dataset.answered ?? '').catch(() => []);
        if (!list.length) return;
        this.sent = true;
        this.send(list.at(-1));
    },

    /** All that waits, in order, each once; the last as the form would, for its answer to be seen. */
    async send(last) {
        const list = (await waiting(this.batch).catch(() => null)) ?? [];
        const told = list.length ? list : [last];
        for (const one of told.slice(0, -1)) {
            if (!(await this.arrives(one))) return submit(one);
        }
        submit(told.at(-1));
    },

    async arrives(told) {
        if (!(await post(told))) return false;
        await drop(this.batch, told.key);
        return true;
    },

    goOn() {
        const panel = document.querySelector('.hob-ahead');
        if (!panel) return;
        this.ahead ??= new Ahead(panel, JSON.parse(this.$el.dataset.ahead || '[]'), (told) => this.tell(told));
        this.$el.hidden = true;
        this.ahead.next();
        this.count();
    },

    async count() {
        const list = await waiting(this.batch).catch(() => []);
        document
            .querySelectorAll('[data-waits]')
            .forEach((line) => (line.textContent = line.dataset.waits.replace('#', list.length)));
        return list;
    },

    /**
     * Knocks until the workroom answers, then lets in what waits; where somebody is typing, the page stays as it is.
     */
    offline() {
        if (this.knocking) return;
        this.knocking = true;
        document.querySelector('.hob-offline').hidden = false;
        const knock = async () => {
            if (!(await answers())) return setTimeout(knock, RETRY_MS);
            const list = await this.count();
            try {
                for (const told of list) {
                    if (!told.isPlain || !(await this.arrives(told))) return submit(told);
                }
            } catch {
                return setTimeout(knock, RETRY_MS);
            }
            this.knocking = false;
            document.querySelector('.hob-offline').hidden = true;
            this.count();
            if (this.ahead?.typed) return;
            window.location = this.ahead?.page ?? this.$el.dataset.now;
        };
        setTimeout(knock, RETRY_MS);
    },

    turn(by) {
        const field = this.$el.querySelector('.dial input');
        const digits = Math.max(0, (String(Math.abs(by)).split('.')[1] ?? '').length);
        // the first press on an empty field stands at the target; it is a reading only once somebody has put it there
        const isEmpty = field.value.trim() === '';
        const value =
            Number(
                (isEmpty ? field.closest('.dial').dataset.target : field.value).replace(/\s/g, '').replace(',', '.'),
            ) || 0;
        field.value = Math.max(0, isEmpty ? value : value + by).toFixed(digits);
    },

    async stayAwake() {
        try {
            await navigator.wakeLock.request('screen');
        } catch {
            // plain http in the home network has no such lock: a film that plays keeps most screens awake too
            document.addEventListener('pointerdown', playSilence, { once: true });
        }
    },
});
