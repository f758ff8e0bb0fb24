import { live } from './live.js';

/** A phrase that is typed is said: its contact closes for a moment, like that of one that is clicked. */
const SAID_MS = 120;
const plain = (text) => text.trim().toLowerCase().replace(/\s+/g, ' ');

document.addEventListener('submit', (event) => {
    const form = event.target.closest?.('[data-say]');
    if (!form) {
        return;
    }
    event.preventDefault();
    const field = form.querySelector('input');
    const port = Object.entries(JSON.parse(form.dataset.say)).find(([phrase]) => plain(phrase) === plain(field.value))?.[1];
    field.setCustomValidity(port || field.value === '' ? '' : `No phrase of the rig is called "${field.value}".`);
    field.reportValidity();
    if (port) {
        field.value = '';
        live.input(port, 1);
        setTimeout(() => live.input(port, 0), SAID_MS);
    }
});
document.addEventListener('input', (event) => event.target.closest?.('[data-say]') && event.target.setCustomValidity(''));
