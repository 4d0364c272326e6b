/**
 * Instruments at the hob, asked twice in a second or so without holding anything up. A sound reading goes into its
 * field unless the maker has typed there; one that cannot be believed is shown with the reason and goes nowhere. A
 * workroom that is slow to answer is asked less often, and not at all while something is being told: what is given up
 * here it still works on.
 */
const EVERY_MS = 600;
const SELDOM_MS = 8000;
const GIVE_UP_MS = 2500;
const REMEMBERED = 60;

export default () => ({
    seen: {},
    begun: 0,
    isGone: false,
    every: EVERY_MS,

    init() {
        if (!this.$el.dataset.reading) return;
        this.begun = performance.now();
        this.$el.addEventListener('input', (event) => {
            if (event.target.name) event.target.dataset.typed = '1';
        });
        this.ask();
    },

    destroy() {
        this.isGone = true;
    },

    async ask() {
        if (this.isGone) return;
        if (document.querySelector('form[data-telling]')) return setTimeout(() => this.ask(), EVERY_MS);
        const now = (performance.now() - this.begun) / 1000;
        const query = new URLSearchParams({ now: now.toFixed(2) });
        for (const [field, series] of Object.entries(this.seen)) {
            query.set(`seen[${field}]`, series.map(([at, value]) => `${at.toFixed(1)}:${value}`).join(','));
        }
        try {
            const answer = await fetch(this.$el.dataset.reading, {
                method: 'POST',
                body: query,
                headers: {
                    Accept: 'application/json',
                    'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                },
                signal: AbortSignal.timeout(GIVE_UP_MS),
            });
            if (answer.ok && !this.isGone) this.show(await answer.json(), now);
            this.every = EVERY_MS;
        } catch {
            this.every = Math.min(SELDOM_MS, 2 * this.every);
            this.$el.querySelectorAll('[data-live]').forEach((el) => el.classList.add('is-doubtful'));
        }
        setTimeout(() => this.ask(), this.every);
    },

    show({ readings, left }, now) {
        for (const [field, { value, shown, words }] of Object.entries(readings)) {
            const line = this.$el.querySelector(`[data-live="${field}"]`);
            line.classList.toggle('is-doubtful', words !== '');
            line.querySelector('b').textContent = shown;
            line.querySelector('small').textContent = words;
            if (value === null) continue;
            (this.seen[field] ??= []).push([now, value]);
            this.seen[field] = this.seen[field].slice(-REMEMBERED);
            const input = this.$el.querySelector(`input[name="${field}"]`);
            if (input && !input.dataset.typed && document.activeElement !== input) {
                input.value = shown.replace(/\s/g, '');
                input.dispatchEvent(new CustomEvent('arrived', { bubbles: true }));
            }
            this.trace(field, now, value);
        }
        const words = this.$el.querySelector('[data-left-words]');
        if (words) words.textContent = left;
    },

    trace(field, now, value) {
        const path = this.$el.querySelector(`[data-trace="${field}"]`);
        if (!path) return;
        const { left, wide, top, floor, minutes } = path.ownerSVGElement.dataset;
        const x = Number(left) + Math.min(1, now / 60 / minutes) * wide;
        const y = Number(floor) - Math.max(0, Math.min(1, value / 100)) * (floor - top);
        const line = path.getAttribute('d');
        path.setAttribute('d', `${line}${line ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`);
    },
});
