const PAUSE_MS = 120;

/** Finds an ingredient while a name is typed: arrows move, Enter picks, Escape leaves what was typed. */
export default () => ({
    // own names, declared: what is not would be written to the bench around it
    field: null,
    key: null,
    list: null,
    at: -1,
    timer: null,
    picked: '',

    init() {
        this.field = this.$el.querySelector('.ingredient');
        this.key = this.$el.querySelector('input[type=hidden]');
        this.list = this.$el.querySelector('.found');
        this.field.addEventListener('input', () => {
            this.key.value = '';
            clearTimeout(this.timer);
            this.timer = setTimeout(() => this.search(), PAUSE_MS);
        });
        this.picked = this.field.value;
        this.field.addEventListener('change', () => {
            if (this.field.value !== this.picked) this.key.value = '';
        });
        this.field.addEventListener('keydown', (event) => this.keys(event));
        // who is back at once goes on searching
        this.field.addEventListener('blur', () =>
            setTimeout(() => document.activeElement !== this.field && this.close(), 150),
        );
        this.list.addEventListener('pointerdown', (event) => {
            const item = event.target.closest('li');
            if (item) {
                event.preventDefault();
                this.pick(item);
            }
        });
    },

    async search() {
        const text = this.field.value.trim();
        if (!text) return this.close();
        const home = this.$el.closest('[data-search]').dataset.search;
        try {
            const answer = await fetch(`${home}${encodeURIComponent(text)}`, {
                headers: { Accept: 'application/json' },
            });
            if (answer.ok && text === this.field.value.trim() && document.activeElement === this.field)
                this.offer(await answer.json());
        } catch {
            this.close();
        }
    },

    offer(found) {
        this.list.replaceChildren(
            ...found.map((ingredient, i) => {
                const item = document.createElement('li');
                item.id = `${this.list.id}-${i}`;
                item.setAttribute('role', 'option');
                item.dataset.key = ingredient.key;
                item.dataset.name = ingredient.name;
                item.textContent = ingredient.full;
                const kind = document.createElement('span');
                kind.textContent = ingredient.kind;
                item.append(kind);
                return item;
            }),
        );
        this.list.hidden = found.length === 0;
        this.field.setAttribute('aria-expanded', String(found.length > 0));
        this.mark(found.length ? 0 : -1);
    },

    mark(at) {
        this.at = at;
        [...this.list.children].forEach((item, i) => item.setAttribute('aria-selected', String(i === at)));
        if (at >= 0) this.field.setAttribute('aria-activedescendant', this.list.children[at].id);
        else this.field.removeAttribute('aria-activedescendant');
    },

    keys(event) {
        const count = this.list.hidden ? 0 : this.list.children.length;
        if (!count || event.altKey) return;
        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            this.mark((this.at + (event.key === 'ArrowDown' ? 1 : count - 1)) % count);
        } else if (event.key === 'Enter' && this.at >= 0) {
            event.preventDefault();
            this.pick(this.list.children[this.at]);
        } else if (event.key === 'Escape') {
            this.close();
        }
    },

    pick(item) {
        this.key.value = item.dataset.key;
        this.field.value = item.dataset.name;
        this.picked = item.dataset.name;
        this.close();
        this.field.dispatchEvent(new Event('change', { bubbles: true }));
        this.$el.closest('.row')?.querySelector('.amount').focus();
    },

    close() {
        clearTimeout(this.timer);
        this.list.hidden = true;
        this.field.setAttribute('aria-expanded', 'false');
        this.field.removeAttribute('aria-activedescendant');
        this.at = -1;
    },
});
