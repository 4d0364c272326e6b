import { newKey, renewToken } from './told.js';

const RETRY_MS = [500, 1000, 2000, 4000, 8000, 15000];
const WHY = {
    401: 'gone',
    404: 'gone',
    405: 'gone',
    410: 'gone',
    403: 'gone',
    413: 'refused',
    422: 'refused',
    503: 'busy',
    507: 'full',
};
const SMALL_BYTES = 20_000;
const FINAL = ['gone', 'refused'];

/**
 * Sends what was typed and pressed, in order, one at a time, each until the server has said yes. Nothing is forgotten
 * on the way: a turn that got no answer, or an error, is sent again exactly as it was, under the same key, and only
 * then what came after it.
 */
export default class Sender {
    constructor(form, fields, show) {
        Object.assign(this, { form, fields, show, queue: [], busy: false, tries: 0, timer: null });
        this.alert = form.querySelector('.not-saved');
        this.alert.querySelector('button').addEventListener('click', () => this.pump());
        window.addEventListener('online', () => this.pump());
        window.addEventListener('pageshow', (event) => event.persisted && this.pump());
    }

    get isFailing() {
        return !this.alert.hidden;
    }

    /** What was typed and is not on its way yet goes out; while a turn of the same field waits, it takes its place. */
    type(edit) {
        const fields = this.fields.typed();
        for (const turn of this.queue) {
            if (turn.isSent) turn.fields.forEach((value, name) => fields.get(name) === value && fields.delete(name));
        }
        const last = this.queue.at(-1);
        if (last && !last.isSent && last.action === '' && last.edit === edit) {
            last.fields = fields;
        } else if (fields.size) {
            this.queue.push({ key: newKey(), action: '', edit, fields });
        } else if (!this.queue.length) {
            this.say('saved');
        }
        this.pump();
    }

    press(action, edit) {
        const last = this.queue.at(-1);
        const isDrag = action.startsWith('weigh:');
        if (isDrag && last && !last.isSent && last.action.startsWith('weigh:') && last.edit === edit)
            last.action = action;
        else this.queue.push({ key: newKey(), action, edit: isDrag ? edit : '', fields: null });
        this.pump();
    }

    async pump() {
        clearTimeout(this.timer);
        const turn = this.queue[0];
        if (this.busy || !turn) return;
        this.busy = true;
        this.say('saving');
        if (!turn.isSent) {
            // what was typed before a press goes with it
            turn.fields = turn.fields === null ? this.fields.typed() : this.fields.stillTyped(turn.fields);
            turn.was = new Map([...turn.fields.keys()].map((name) => [name, this.fields.was(name)]));
            turn.beside = this.fields.beside();
            turn.isSent = true;
        }
        const failed = await this.attempt(turn).catch(() => 'offline');
        this.busy = false;
        failed ? this.failed(failed) : this.arrived();
    }

    /** @returns {Promise<string|null>} why it did not arrive; null where it did */
    async attempt(turn) {
        const body = new FormData();
        body.set('_token', this.form.querySelector('input[name=_token]').value);
        body.set('turn', turn.key);
        body.set('do', turn.action);
        body.set('edit', turn.edit);
        body.set('based', '1');
        turn.beside.forEach((value, name) => body.set(name, value));
        turn.fields.forEach((value, name) => body.set(name, value));
        turn.was.forEach((value, name) => body.set(name.replace(/^([^[]+)/, 'was[$1]'), value));
        // a small one still arrives when the page is left at once
        const isSmall = [...body.values()].reduce((size, value) => size + value.length, 0) < SMALL_BYTES;
        const answer = await fetch(this.form.action, {
            method: 'POST',
            body,
            headers: { 'X-Live': '1', Accept: 'text/html' },
            keepalive: isSmall,
        });
        if (answer.status === 419) return (await renewToken(this.form.dataset.token)) ? 'session' : 'gone';
        if (answer.redirected) return 'gone';
        if (!answer.ok && answer.status !== 409) return WHY[answer.status] ?? 'broken';
        this.take(await answer.text(), turn, answer.ok, answer.headers.get('X-Done-Before') === '1');
        return null;
    }

    /** @param {boolean} wasDone  the server had done this turn before, and others may have been at it since */
    take(html, turn, isSaved, wasDone) {
        this.queue.shift();
        const answer = document.createRange().createContextualFragment(html);
        const stood = this.fields.values();
        this.show(html, { action: turn.action, isStale: this.queue.length > 0 });
        this.fields.restore(stood);
        if (isSaved) this.fields.answered(answer, turn.fields, turn.action !== '' || wasDone);
        this.isAsking = !isSaved;
    }

    arrived() {
        this.tries = 0;
        this.alert.hidden = true;
        if (this.isAsking) {
            this.queue = []; // what was typed stands in the fields and goes out with the answer
            this.say('asking');
        } else if (!this.queue.length) {
            this.say('saved');
        }
        this.pump();
    }

    failed(why) {
        this.say('not-saved');
        const isFirstRenewal = why === 'session' && this.tries === 0;
        if (!isFirstRenewal) {
            this.alert.querySelector('p').textContent = this.alert.dataset[why];
            this.alert.hidden = false;
        }
        if (FINAL.includes(why)) return;
        const wait = isFirstRenewal ? 0 : RETRY_MS[Math.min(this.tries, RETRY_MS.length - 1)];
        this.tries += 1;
        this.timer = setTimeout(() => this.pump(), wait);
    }

    say(state) {
        const net = this.form.querySelector('.net');
        const isQuiet = state === 'saved' && this.fields.typed().size > 0;
        if (isQuiet) return;
        net.textContent = net.dataset[state] ?? '';
        this.form.dataset.state = state;
    }
}
