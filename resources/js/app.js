import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import bench from './bench.js';
import foresee from './foresee.js';
import hob from './hob.js';
import line from './line.js';
import live from './live.js';
import note from './note.js';
import { forget } from './pending.js';
import picker from './picker.js';
import png from './png.js';
import reading, { gate } from './reading.js';
import scrub from './scrub.js';
import './sheet.js';
import timers from './timers.js';
import { newKey } from './told.js';

Alpine.plugin(morph);
Alpine.data('bench', bench);
Alpine.data('foresee', foresee);
Alpine.data('live', live);
Alpine.data('note', note);
Alpine.data('picker', picker);
Alpine.data('png', png);
Alpine.data('scrub', scrub);
Alpine.data('hob', hob);
Alpine.data('reading', reading);
Alpine.data('gate', gate);
Alpine.data('aloud', () => ({
    init() {
        if (!('speechSynthesis' in window)) this.$el.hidden = true;
        this.$el.addEventListener('click', () => {
            speechSynthesis.cancel();
            const words = new SpeechSynthesisUtterance(this.$el.dataset.words);
            words.lang = document.documentElement.lang;
            speechSynthesis.speak(words);
        });
    },
}));
// pressed twice is sent once
Alpine.data('once', () => ({
    init() {
        let isSent = false;
        this.$el.addEventListener('submit', (event) => (isSent ? event.preventDefault() : (isSent = true)));
        window.addEventListener('pageshow', () => (isSent = false));
    },
}));
Alpine.data('printer', () => ({
    init() {
        this.$el.addEventListener('click', () => window.print());
    },
}));
// a page that comes back from the browser's cache tells something new, not what it told before
window.addEventListener('pageshow', (event) => {
    if (event.persisted)
        document.querySelectorAll('input[name=client_key]').forEach((field) => (field.value = newKey()));
});
document.addEventListener('click', (event) => event.target.closest?.('.said-close')?.parentElement.remove());
Alpine.start();
timers();
line();
// a device that is not in any more keeps no page of the workroom
if (location.pathname === '/sign-in') globalThis.caches?.delete('ilvane-hob-1');
// the record is the answer to the last step
const arrived = document.querySelector('[data-arrived]');
if (arrived) forget(arrived.dataset.arrived).catch(() => null);
