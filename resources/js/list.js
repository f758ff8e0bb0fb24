import './unsent.js';
import { Strokes } from './strokes.js';

/** The fields of a list of actions: a key is pressed instead of written, Escape leaves it as it was. */
const strokes = new Strokes();
/** @type {?HTMLInputElement} the field that waits for a key */
let waiting = null;
let before = '';

const label = (code) => [...document.querySelectorAll('#keys option')].find((option) => option.getAttribute('data-code') === code)?.getAttribute('value') ?? '';

function wait(field) {
    strokes.clear();
    waiting = field;
    before = field.value;
    field.value = '';
    field.placeholder = 'press the key';
    field.focus();
}

function done(text) {
    waiting.value = text;
    waiting.placeholder = '';
    waiting = null;
    strokes.clear();
}

document.addEventListener('click', ({ target }) => {
    const button = target instanceof Element ? target.closest('[data-press]') : null;
    if (button) {
        wait(button.parentElement.querySelector('input'));
    }
});

for (const type of ['keydown', 'keyup']) {
    window.addEventListener(type, (event) => {
        if (waiting === null) {
            return;
        }
        event.preventDefault();
        if (/** @type {KeyboardEvent} */ (event).code === 'Escape') {
            done(before);

            return;
        }
        const codes = strokes.take(event);
        if (codes !== null) {
            const words = codes.map(label);
            done(words.includes('') ? before : words.join('+'));
        }
    }, true);
}

document.addEventListener('focusin', ({ target }) => {
    if (waiting !== null && target !== waiting) {
        done(before);
    }
});

/** Rows are found by a part of what stands in them. */
document.addEventListener('input', ({ target }) => {
    if (!(target instanceof HTMLInputElement) || !target.matches('[data-find]')) {
        return;
    }
    const words = target.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const row of document.querySelectorAll('.list__rows tbody:not(.list__new, .list__gone) tr')) {
        const text = [...row.querySelectorAll('input, select')].map((field) => /** @type {HTMLInputElement} */ (field).value.toLowerCase()).join(' ');
        row.toggleAttribute('hidden', !words.every((word) => text.includes(word)));
    }
});
document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter' && event.target instanceof HTMLInputElement && event.target.matches('[data-find]')) {
        event.preventDefault();
    }
});
