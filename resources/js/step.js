/** A step at the hob: the dial's buttons, the screen kept awake, one sending only. */
export default () => ({
    sent: false,
    lock: null,

    init() {
        this.$el.querySelectorAll('.dial-step').forEach((button) =>
            button.addEventListener('click', () => this.turn(Number(button.dataset.by))),
        );
        this.$el.addEventListener('submit', (event) => {
            if (this.sent) event.preventDefault();
            this.sent = true;
        });
        window.addEventListener('pageshow', () => {
            this.sent = false;
        });
        this.stayAwake();
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.stayAwake());
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
