import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import bench from './bench.js';
import foresee from './foresee.js';
import picker from './picker.js';
import scrub from './scrub.js';
import step from './step.js';
import './sheet.js';

Alpine.plugin(morph);
Alpine.data('bench', bench);
Alpine.data('foresee', foresee);
Alpine.data('picker', picker);
Alpine.data('scrub', scrub);
Alpine.data('step', step);
Alpine.data('printer', () => ({
    init() {
        this.$el.addEventListener('click', () => window.print());
    },
}));
Alpine.start();
