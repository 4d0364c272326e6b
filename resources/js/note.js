/** A note as it was read: who presses a stretch of it may say what it is. */
export default () => ({
    init() {
        this.$el.addEventListener('click', (event) => {
            const said = event.target.closest('.stretch');
            if (said) this.choose(said);
        });
        this.$el.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') return this.close();
            const said = event.target.closest('.stretch');
            if (!said || (event.key !== 'Enter' && event.key !== ' ')) return;
            event.preventDefault();
            this.choose(said);
            this.$refs.bar.querySelector('button').focus();
        });
        // Enter in a field reads again; it is never the first of the buttons that happens to stand before it
        this.$el.addEventListener('keydown', (event) => {
            if (event.key !== 'Enter' || event.defaultPrevented || !event.target.matches('input')) return;
            event.preventDefault();
            this.$el.requestSubmit(this.$el.querySelector('.intake-head .button-quiet'));
        });
    },

    choose(said) {
        const isOpen = said.getAttribute('aria-pressed') === 'true';
        this.close();
        if (isOpen) return;
        said.setAttribute('aria-pressed', 'true');
        this.$refs.mark.value = said.dataset.key;
        const number = said.querySelector('b')?.textContent.length ?? 0;
        const words = said.textContent.trim().slice(number).trim();
        this.$refs.words.textContent = words.length > 60 ? `${words.slice(0, 57)}…` : words;
        this.$refs.bar.querySelectorAll('button').forEach((button) => {
            button.setAttribute('aria-pressed', String(button.dataset.role === said.dataset.role));
        });
        this.$refs.into.hidden = said.dataset.role !== 'ingredient';
        this.$refs.bar.hidden = false;
    },

    close() {
        this.$el.querySelectorAll('.stretch[aria-pressed=true]').forEach((said) => {
            said.setAttribute('aria-pressed', 'false');
        });
        this.$refs.mark.value = '';
        this.$refs.bar.hidden = true;
    },
});
