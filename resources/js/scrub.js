/**
 * Goes along the minutes of a rehearsal: by the slider (arrows, page keys, touch) or by drawing over the chart. The
 * numbers are the server's samples; this only looks up the minute between two of them and sets the drawing to it.
 */
const between = (a, b, share) => (a === null || b === null ? (share < 1 ? a : b) : a + (b - a) * share);

export default () => ({
    samples: [],
    range: null,

    init() {
        this.samples = JSON.parse(this.$el.dataset.samples);
        this.range = this.$el.querySelector('.scrub-range');
        this.range.addEventListener('input', () => this.show(Number(this.range.value)));
        const chart = this.$el.querySelector('.timeline');
        const follow = (event) => {
            const box = chart.getBoundingClientRect();
            const x = ((event.clientX - box.left) / box.width) * chart.viewBox.baseVal.width;
            const { left, wide, minutes } = this.$el.dataset;
            this.range.value = Math.max(0, Math.min(Number(minutes), ((x - left) / wide) * minutes));
            this.show(Number(this.range.value));
        };
        chart.addEventListener('pointerdown', (event) => {
            chart.setPointerCapture(event.pointerId);
            follow(event);
        });
        chart.addEventListener('pointermove', (event) => event.buttons && follow(event));
        this.show(0);
    },

    show(minute) {
        const later = this.samples.findIndex((sample) => sample[0] >= minute);
        const b = this.samples[later === -1 ? this.samples.length - 1 : later];
        const a = this.samples[Math.max(0, (later === -1 ? this.samples.length : later) - 1)];
        const share = b[0] > a[0] ? Math.min(1, (minute - a[0]) / (b[0] - a[0])) : 1;
        const [, water, oil, mix, solid] = a.map((value, i) => between(value, b[i], share));
        const { left, wide, minutes } = this.$el.dataset;
        this.$el
            .querySelector('.scrub-line')
            .setAttribute('transform', `translate(${Number(left) + (minute / minutes) * wide} 0)`);
        this.$el.querySelector('.scrub-minute b').textContent = String(Math.round(minute));
        const isTogether = mix !== null;
        for (const pot of this.$el.querySelectorAll('.pot')) {
            const which = pot.dataset.pot;
            const celsius = { water, oil, mix }[which];
            pot.hidden = celsius === null || (isTogether && which !== 'mix');
            pot.querySelector('[data-celsius]').textContent = celsius === null ? '' : `${Math.round(celsius)}\u202F°C`;
            const melting = which === (isTogether ? 'mix' : 'oil') && solid > 0.01;
            pot.querySelector('[data-solid-words]').textContent = melting
                ? this.$el.dataset.solid.replace(':percent', `${Math.round(100 * solid)}\u202F%`)
                : '';
            pot.querySelector('.lumps')?.setAttribute('opacity', String(Math.sqrt(Math.max(0, solid))));
        }
        this.range.setAttribute('aria-valuetext', `${Math.round(minute)} min`);
        this.$el
            .querySelectorAll('.scrub-events li, .event-mark')
            .forEach((el) => el.classList.toggle('is-past', Number(el.dataset.minute) <= minute));
    },
});
