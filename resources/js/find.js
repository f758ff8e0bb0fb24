import { visit } from './edits.js';

/**
 * Anything is found by a part of its name: Ctrl+K opens it from every place, Enter goes there with it picked. What is found is
 * the server's word.
 */
const box = () => /** @type {HTMLDialogElement|null} */ (document.getElementById('find'));
const field = () => /** @type {HTMLInputElement} */ (box()?.querySelector('.choose__find'));

/** @type {{kind: string, name: string, more: string, to: string}[]} */
let found = [];
let at = 0;
/** Answers come in their order, or not at all: only that of what was typed last counts. */
let asked = 0;
/** What was typed last is answered when this is done: what a hand does meanwhile is about that answer. */
let answered = Promise.resolve();

function draw() {
    box()?.querySelector('.choose__list')?.replaceChildren(...found.map(({ kind, name, more }, i) => {
        const line = Object.assign(document.createElement('li'), { id: `find-${i}`, role: 'option', ariaSelected: String(i === at), textContent: name });
        line.dataset.found = String(i);
        line.append(Object.assign(document.createElement('small'), { textContent: more === '' ? kind : `${kind} · ${more}` }));

        return line;
    }));
    field().setAttribute('aria-activedescendant', found.length === 0 ? '' : `find-${at}`);
    document.getElementById(`find-${at}`)?.scrollIntoView({ block: 'nearest' });
}

function say(text) {
    const says = box()?.querySelector('.choose__says');
    if (says) {
        says.textContent = text;
    }
}

async function ask() {
    asked += 1;
    const mine = asked;
    const typed = field().value.trim();
    try {
        const answer = typed === '' ? { found: [] } : await (await fetch(`${box()?.dataset.findAt}?${new URLSearchParams({ q: typed, at: document.body.dataset.place ?? '' })}`, { headers: { Accept: 'application/json' } })).json();
        if (mine === asked) {
            found = answer.found;
            at = 0;
            say(typed !== '' && found.length === 0 ? `Nothing here has “${typed}” in its name.` : '');
            draw();
        }
    } catch {
        say('The server does not answer. Try again when it is back.');
    }
}

function open() {
    field().value = '';
    found = [];
    say('');
    draw();
    box()?.showModal();
    field().focus();
}

function go(to) {
    box()?.close();
    // Another set is another page; within one set the page is only laid anew where it is the same place.
    if (new URL(to, location.href).pathname === location.pathname && !to.includes('#')) {
        visit(to);
    } else {
        location.assign(to);
    }
}

// Who records keys, or listens to them as a device, has them first.
document.addEventListener('keydown', (event) => {
    if (event.defaultPrevented) {
        return;
    }
    if (event.key.toLowerCase() === 'k' && event.ctrlKey && !event.altKey && !event.shiftKey && !event.metaKey) {
        event.preventDefault();
        box()?.open ? box()?.close() : open();
    } else if (box()?.open && event.target === field()) {
        const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 8, PageUp: -8 }[event.key];
        if (by !== undefined) {
            event.preventDefault();
            answered.then(() => {
                at = Math.max(0, Math.min(found.length - 1, at + by));
                draw();
            });
        } else if (event.key === 'Enter') {
            event.preventDefault();
            answered.then(() => found[at] && go(found[at].to));
        }
    }
});
document.addEventListener('input', (event) => {
    if (event.target === field()) {
        answered = ask();
    }
});
document.addEventListener('click', ({ target }) => {
    if (!(target instanceof Element)) {
        return;
    }
    const line = /** @type {HTMLElement|null} */ (target.closest('[data-found]'));
    if (line) {
        go(found[Number(line.dataset.found)].to);
    } else if (target.closest('[data-find-anything]')) {
        open();
    } else if (target === box()) {
        box()?.close();
    }
});

/** What was pressed before this script was there. */
for (const key of window.nailrodEarly?.() ?? []) {
    if (key === 'Ctrl+K') {
        box()?.open ? box()?.close() : open();
    } else if (box()?.open && (key.length === 1 || key === 'Backspace')) {
        field().value = key === 'Backspace' ? field().value.slice(0, -1) : field().value + key;
        field().dispatchEvent(new Event('input', { bubbles: true }));
    } else if (box()?.open && key === 'Escape') {
        box()?.close();
    } else if (box()?.open) {
        field().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    }
}
