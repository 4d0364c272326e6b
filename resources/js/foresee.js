const PAUSE_MS = 200;

/** Tells what taking out and topping up would do, before it is done. */
export default () => ({
    timer: null,

    init() {
        this.$el.addEventListener('input', () => {
            clearTimeout(this.timer);
            this.timer = setTimeout(() => this.ask(), PAUSE_MS);
        });
    },

    async ask() {
        const form = this.$el;
        const field = (name) => form.querySelector(`[name=${name}]`).value;
        const asked = `take_out=${encodeURIComponent(field('take_out'))}&top_up=${encodeURIComponent(field('top_up'))}`;
        try {
            const answer = await fetch(`${form.dataset.ask}?${asked}`, { headers: { 'X-Live': '1' } });
            if (answer.ok) form.querySelector('.foreseen').textContent = await answer.text();
        } catch {
            form.querySelector('.foreseen').textContent = '';
        }
    },
});
