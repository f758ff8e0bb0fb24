import { visit } from './edits.js';
import { onFound } from './found.js';
import { Strokes } from './strokes.js';
import { escapes } from './twice.js';

/**
 * Pairing by doing: a key and a control, pressed soon after each other in either order, are sent to be assigned to each
 * other. While it goes on, keys do nothing else; those that move on a page or work a drawn control still do that too.
 */
const WORKS = ['Space', 'Enter', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'PageUp', 'PageDown', 'Home', 'End'];
const MOVES_ON = ['Tab', 'Enter', 'Space'];

const strokes = new Strokes();
const ends = escapes();
/** What came first and waits for the other. */
let key = null;
let control = null;
let timer = 0;

const panel = () => document.querySelector('[data-pair]');
export const isPairing = () => panel() !== null;
const say = (text) => { panel().querySelector('[data-pair-says]').textContent = text; };

function wait(text, alone) {
    const within = Number(panel().dataset.within);
    clearTimeout(timer);
    say(text);
    timer = window.setTimeout(() => {
        key = null;
        control = null;
        if (isPairing()) {
            say(alone);
        }
    }, within);
}

function pair() {
    /** @type {any} */
    const form = panel().querySelector('form');
    form.elements.keys.value = key.codes.join('+');
    form.elements.ref.value = control.ref;
    form.elements.layer.value = control.layer;
    form.elements.apart.value = Math.round(Math.abs(key.at - control.at));
    clearTimeout(timer);
    key = null;
    control = null;
    form.requestSubmit();
}

function came() {
    if (key && control) {
        pair();
    } else if (key) {
        wait('The key is there. Now the control.', 'Only a key came, and no control: nothing was paired.');
    } else {
        wait('The control is there. Now its key.', 'Only a control came, and no key: nothing was paired.');
    }
}

onFound((ref, picture) => {
    if (isPairing()) {
        control = { ref, layer: picture.layer.id, at: performance.now() };
        came();
    }
});

const isTyping = (target) => target instanceof HTMLElement && target.matches('input:not([type=checkbox]):not([type=radio]), textarea, select');

for (const type of ['keydown', 'keyup']) {
    window.addEventListener(type, (event) => {
        const { target, code, ctrlKey } = /** @type {KeyboardEvent & { target: Element }} */ (event);
        if (!isPairing() || isTyping(target) || document.querySelector('dialog[open]') || (target.closest?.('.face') && WORKS.includes(code))) {
            return;
        }
        if (type === 'keydown' && !event.repeat && ends(event)) {
            key = null;
            visit(panel().querySelector('[data-pair-end]').href);
            event.preventDefault();

            return;
        }
        if (ctrlKey && ['KeyZ', 'KeyY'].includes(code)) {
            // A pair that went wrong is taken back as anything else is.
            strokes.clear();
            key = null;

            return;
        }
        if (!MOVES_ON.includes(code) || control) {
            event.preventDefault();
            event.stopImmediatePropagation();
        }
        const codes = strokes.take(event);
        if (codes !== null && isPairing()) {
            key = { codes, at: performance.now() };
            came();
        }
    }, true);
}

/** Controls that do nothing yet, and the one that is asked for, are marked on the faceplate. */
function mark() {
    const it = panel();
    const left = new Set(it ? JSON.parse(it.dataset.left).map((ref) => ref.split('.')[0]) : []);
    const asked = it?.dataset.asked.split('.')[0] ?? '';
    for (const drawn of document.querySelectorAll('.loom .control[data-control]')) {
        drawn.classList.toggle('is-left', left.has(drawn.dataset.control));
        drawn.classList.toggle('is-asked', asked !== '' && drawn.dataset.control === asked);
    }
    if (!it) {
        strokes.clear();
        clearTimeout(timer);
    }
}

document.addEventListener('page:changed', mark);
mark();
