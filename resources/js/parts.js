import { settled } from './edits.js';
import { openHelp } from './help.js';
import { toGroup } from './places.js';
import { turnReach } from './reach.js';

/** The small parts of a page that open, shut and turn; what they show comes from the server. */
export function registerParts(Alpine) {
    Alpine.data('page', () => ({
        turnTheme() {
            const order = ['system', 'light', 'dark'];
            const next = order[(order.indexOf(document.documentElement.dataset.theme) + 1) % order.length];
            document.documentElement.dataset.theme = next;
            document.cookie = `theme=${next};path=/;max-age=31536000;samesite=strict`;
            document.dispatchEvent(new CustomEvent('theme:turned'));
        },
        openHelp,
    }));

    Alpine.data('menu', () => ({
        open: false,
        turn() { this.open = !this.open; },
        shut() { this.open = false; },
    }));

    Alpine.data('actions', () => ({
        init() {
            document.addEventListener('page:changed', () => this.filter());
        },
        filter() {
            const wanted = this.$root.querySelector('input[type=search]')?.value.trim().toLowerCase() ?? '';
            for (const button of this.$root.querySelectorAll('.action')) {
                button.hidden = !button.dataset.name.includes(wanted);
            }
            for (const group of this.$root.querySelectorAll('[data-group]')) {
                group.hidden = group.querySelector('.action:not([hidden])') === null;
            }
            document.dispatchEvent(new CustomEvent('loom:redraw'));
        },
        /** Once the cell that was picked has come: what is typed at once is meant for it, not for the one before. */
        async takeFirst(event) {
            const field = event.target;
            await settled();
            this.filter();
            const first = this.$root.querySelector('.action:not([hidden]):not([disabled])');
            if (first && field.value.trim() !== '') {
                field.value = '';
                this.filter();
                first.form.requestSubmit(first);
            }
        },
    }));
}

/** From a cell to what can be changed about it. */
function toEditor() {
    const editor = document.getElementById('editor');
    (editor?.querySelector('.editor__middle select, .editor__middle input:not([type=hidden]), .editor__middle button, .editor__middle a') ?? editor)?.focus();
}

const isTyping = (target) => target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'SELECT', 'TEXTAREA'].includes(target.tagName));

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey) {
        const wanted = { z: event.shiftKey ? 'redo' : 'undo', y: 'redo' }[event.key.toLowerCase()];
        const dirty = isTyping(event.target) && event.target.value !== event.target.defaultValue && event.target.type !== 'checkbox' && event.target.type !== 'radio' && event.target.tagName !== 'SELECT';
        if (wanted && !dirty) {
            event.preventDefault();
            document.getElementById(wanted)?.requestSubmit();
        }

        return;
    }
    if (event.altKey || isTyping(event.target) || document.querySelector('dialog[open]')) {
        return;
    }
    const group = /^Digit[1-9]$/.test(event.code) ? Number(event.code.slice(5)) : 0;
    if (group > 0) {
        toGroup(group, event.shiftKey ? -1 : 1);
    } else if (event.key === '?') {
        openHelp();
    } else if (event.key === 't' || event.key === 'T') {
        document.querySelector('.tools [title^="Light or dark"]')?.click();
    } else if (event.key === 'l' || event.key === 'L') {
        turnReach();
    } else if (event.key === 'a' || event.key === 'A') {
        // What the focus is in; else what is picked on this place.
        const near = event.target.closest?.('.part, .picks li')?.querySelector('[data-aside]');
        (near ?? document.querySelector('#editor [data-aside], .macros__head [data-aside], .picks li:has([aria-current]) [data-aside]'))?.requestSubmit();
    } else if (event.key === 'e' || event.key === 'E') {
        toEditor();
    }
});

/** Times of the server in the hours of the person. */
function localTimes() {
    for (const time of document.querySelectorAll('time[data-local]')) {
        const at = new Date(time.dateTime);
        const two = (number) => String(number).padStart(2, '0');
        const clock = at.toTimeString().slice(0, 8);
        time.textContent = at.toDateString() === new Date().toDateString() ? clock : `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())} ${clock.slice(0, 5)}`;
        time.title = at.toString();
    }
}
document.addEventListener('page:changed', localTimes);
localTimes();
