import { held } from './controls.js';
import { live } from './live.js';
import { isPlaying } from './recordings.js';

/** Axes of stand-ins whose readings tremble by themselves, as those of a worn device do. */
const EVERY_MS = 33;

const onPage = () => [...document.querySelectorAll('[data-noise]:not([data-noise="0"])')];

setInterval(() => {
    if (live.picture === null || document.hidden || isPlaying()) {
        return;
    }
    const seen = new Set();
    for (const { dataset } of onPage()) {
        const port = dataset.axis;
        if (!seen.has(port) && !live.picture.unplugged.includes(port.split('/')[0])) {
            seen.add(port);
            const at = (held[port] ?? Number(dataset.rest)) + Math.round((2 * Math.random() - 1) * Number(dataset.noise));
            live.input(port, Math.min(Number(dataset.max), Math.max(Number(dataset.min), at)));
        }
    }
}, EVERY_MS);
