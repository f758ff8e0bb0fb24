import { live } from './live.js';
import { problem } from './notices.js';

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
        document.querySelectorAll('#notices .notice--problem').forEach((notice) => notice.remove());
        live.input(port, 1);
        setTimeout(() => live.input(port, 0), SAID_MS);
    } catch (error) {
        problem(error.message);
        field.select();
    }
});
