import { live } from './live.js';

/** A phrase that is typed is said: its contact closes for a moment, like that of one that is clicked. */
const SAID_MS = 120;

document.addEventListener('submit', async (event) => {
    const form = event.target.closest?.('[data-say]');
    if (!form) {
        return;
    }
    event.preventDefault();
    const field = form.querySelector('input');
    try {
        const { port } = await live.order('phrase', { said: field.value });
        field.value = '';
        live.input(port, 1);
        setTimeout(() => live.input(port, 0), SAID_MS);
    } catch (error) {
        field.setCustomValidity(error.message);
        field.reportValidity();
    }
});
document.addEventListener('input', (event) => event.target.closest?.('[data-say]') && event.target.setCustomValidity(''));
