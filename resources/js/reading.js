/**
 * A large figure at the hob: its buttons and slider, the glass it rises in, and how far it is from its goal. What the
 * slider shows becomes a reading only once somebody has moved it.
 */
const EVEN = 1e-9;
export const numberOf = (text) => {
    const plain = text.replace(/\s/g, '').replace('−', '-').replace(',', '.');
    return plain === '' || Number.isNaN(Number(plain)) ? null : Number(plain);
};

export default () => ({
    init() {
        this.field = this.$el.querySelector('input[name]');
        this.slider = this.$el.querySelector('input[type=range]');
        this.hands = this.$el.querySelector('.reading-hands');
        this.goal = this.$el.dataset.goal === undefined ? null : Number(this.$el.dataset.goal);
        this.hands.hidden = false;
        this.hands
            .querySelectorAll('[data-turn]')
            .forEach((button) => button.addEventListener('click', () => this.turn(Number(button.dataset.turn))));
        this.slider.addEventListener('input', () => this.put(Number(this.slider.value)));
        for (const event of ['input', 'arrived']) this.field.addEventListener(event, () => this.show());
        this.show();
    },

    put(value) {
        this.field.value = Math.max(Number(this.$el.dataset.low), value).toFixed(Number(this.$el.dataset.digits));
        this.field.dispatchEvent(new Event('input', { bubbles: true }));
    },

    /** The first press on an empty field stands at the goal. */
    turn(ways) {
        const stands = numberOf(this.field.value);
        this.put(stands === null ? (this.goal ?? 0) : stands + ways * Number(this.$el.dataset.by));
    },

    show() {
        const value = numberOf(this.field.value);
        this.field.dataset.long = Math.min(6, this.field.value.trim().length);
        this.slider.value = value ?? this.goal ?? this.slider.min;
        this.draw(value);
        const { short, past, way, digits } = this.$el.dataset;
        const away = value === null || this.goal === null ? null : value - this.goal;
        const typed = (this.field.value.trim().split(/[.,]/)[1] ?? '').length;
        const apart = away === null ? '' : Math.abs(away).toFixed(Math.min(2, Math.max(typed, Number(digits))));
        const isPast = way === 'falls' ? away < -EVEN : away > EVEN;
        const words = away === null || Number(apart) === 0 ? '' : isPast ? past : short;
        this.$el.querySelector('.reading-left').textContent = words.replace('#', apart);
    },

    draw(value) {
        const level = document.querySelector(`.level[data-level="${this.field.name}"]`);
        if (level) {
            const { low, high, top, foot } = level.dataset;
            const stands = Number(this.$el.dataset.stands) + (value ?? (this.$el.dataset.stands > 0 ? 0 : Number(low)));
            const share = Math.max(0, Math.min(1, (stands - low) / (high - low)));
            level.querySelector('.level-clip').setAttribute('y', foot - share * (foot - top));
        }
        const vessel = document.querySelector('.hob-weigh .hob-vessel');
        if (vessel && this.goal > 0) vessel.style.setProperty('--poured', Math.min(1, (value ?? 0) / this.goal));
    },
});

/** The button that leads on is solid only once the readings say that one may. */
export const gate = () => ({
    init() {
        const form = this.$el.form;
        const show = () => {
            const may = mayGoOn(form) || form.elements.reason?.value.trim();
            this.$el.textContent = may ? this.$el.dataset.through : this.$el.dataset.record;
            this.$el.classList.toggle('button-quiet', !may);
        };
        for (const event of ['input', 'arrived']) form.addEventListener(event, show);
        show();
    },
});

const mayGoOn = (form) => {
    const readings = [...form.querySelectorAll('.reading')];
    const values = readings.map((reading) => numberOf(reading.querySelector('input[name]').value));
    if (!values.length || values.includes(null)) return false;
    const { enough, within } = form.querySelector('.readings').dataset;
    if (enough === undefined) return values.every((value, i) => value <= Number(readings[i].dataset.goal));
    return Math.min(...values) >= Number(enough) && Math.max(...values) - Math.min(...values) <= Number(within);
};
