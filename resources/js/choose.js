import { already, known } from './already.js';
import { takeKeys } from './choose-key.js';
import { onFound } from './found.js';

/**
 * A list to choose from is not looked through: what is asked for is pressed or moved, or found by a part of its name. What it
 * does already is said before it is taken. The list itself stays as it is, for the page and for who has no scripts.
 */
const MANY = 10;
/** A movement that goes on is no second one, in ms. */
const GOES_ON_MS = 700;

const HINTS = {
    contact: 'Press the control, or type a part of its name',
    axis: 'Move the axis, or type a part of its name',
    lamp: 'Press what lights it, or type a part of its name',
    key: 'Or type a part of its name',
};

const box = () => document.getElementById('choose');
const field = () => box().querySelector('.choose__find');
const list = () => box().querySelector('.choose__list');

/** The list that is open, what of it is shown, and which of that would be taken. */
let select = null;
let shown = [];
let at = -1;
let everything = { names: {}, leads: {} };
/** What has been pressed once, and says what it does already. */
let touched = { ref: '', when: 0 };
/** When a pointer has pressed a drawn control: keys are meant for the list again then, not for the control. */
let byPointer = -Infinity;

export const isChoosing = () => select !== null;

const sort = () => select.dataset.of ?? '';
/** Name of a control of the rig, whatever its sort. */
const controlName = ({ names }, ref) => names.contact?.[ref] ?? names.axis?.[ref] ?? 'That';
const asks = (element) => element instanceof HTMLSelectElement && !element.disabled && (element.dataset.of !== undefined || element.options.length > MANY);
const nameOf = (option) => (option.parentElement instanceof HTMLOptGroupElement ? `${option.parentElement.label} · ${option.text}` : option.text);

/** What can be chosen: what is in the list, and where any control will do all the others too. */
function offered() {
    const here = [...select.options].map((option) => ({ value: option.value, name: nameOf(option), isNow: option.selected }));
    const values = new Set(here.map(({ value }) => value));
    const more = 'any' in select.dataset ? Object.entries(everything.names[sort()] ?? {}).filter(([value]) => !values.has(value)) : [];

    return [...here, ...more.map(([value, name]) => ({ value, name, isNow: false }))];
}

const does = (option) => (option.isNow ? '' : known(sort() === 'contact' || sort() === 'axis' ? 'control' : sort(), option.value));

export function say(text) {
    box().querySelector('.choose__says').textContent = text;
}

/** A picture of the sheet that the page has. */
function pictureOf(name) {
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    svg.setAttribute('class', 'picto');
    svg.append(document.createElementNS('http://www.w3.org/2000/svg', 'use'));
    svg.firstElementChild?.setAttribute('href', `#icon-${name}`);

    return svg;
}

function item(option, index) {
    const line = Object.assign(document.createElement('li'), { id: `choose-${index}`, role: 'option', ariaSelected: String(index === at), textContent: option.name });
    line.dataset.index = String(index);
    line.classList.toggle('is-now', option.isNow);
    if (sort() === 'icon' && option.value !== '') {
        line.prepend(pictureOf(option.value));
    }
    const words = option.isNow ? 'chosen now' : does(option);
    if (words !== '') {
        line.append(Object.assign(document.createElement('small'), { textContent: words }));
    }

    return line;
}

function draw() {
    list().replaceChildren(...shown.map(item));
    field().setAttribute('aria-activedescendant', at < 0 ? '' : `choose-${at}`);
    list().children[at]?.scrollIntoView({ block: 'nearest' });
}

function filter() {
    const words = field().value.trim().toLowerCase().split(/\s+/);
    shown = offered().filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
    const now = shown.findIndex(({ isNow }) => isNow);
    at = field().value.trim() === '' ? now : Math.min(0, shown.length - 1);
    say(shown.length === 0 ? `Nothing here has “${field().value.trim()}” in its name.` : '');
    draw();
}

function place() {
    const { left, top, bottom, width } = select.getBoundingClientRect();
    const it = box();
    it.style.minWidth = `${Math.max(300, width)}px`;
    it.style.left = `${Math.max(8, Math.min(left, innerWidth - it.offsetWidth - 8))}px`;
    it.style.top = bottom + it.offsetHeight + 8 > innerHeight && top > it.offsetHeight ? `${top - it.offsetHeight - 2}px` : `${Math.max(8, Math.min(bottom + 2, innerHeight - it.offsetHeight - 8))}px`;
}

async function open(element, typed = '') {
    select = element;
    touched = { ref: '', when: 0 };
    const title = element.closest('label')?.querySelector('span')?.textContent ?? element.ariaLabel ?? '';
    box().querySelector('.choose__title').textContent = title;
    field().value = typed;
    field().placeholder = HINTS[sort()] ?? (sort() === '' ? 'Type a part of its name' : 'Press what leads to it, or type a part of its name');
    const keys = box().querySelector('[data-keys]');
    keys.toggleAttribute('hidden', sort() !== 'key');
    keys.textContent = 'Press the key, with all that is held with it';
    box().hidden = false;
    filter();
    place();
    (sort() === 'key' && typed === '' ? keys : field()).focus();
    everything = await already();
    if (select === element) {
        filter();
        place();
    }
}

function close(back = true) {
    const was = select;
    select = null;
    box().hidden = true;
    if (back && was?.isConnected) {
        was.focus();
    }
}

export function take(value) {
    const it = select;
    close();
    if (it.isConnected && it.value !== value) {
        if (![...it.options].some((option) => option.value === value)) {
            it.append(new Option(controlName(everything, value), value));
        }
        it.value = value;
        it.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

/** What a control stands for in this list: itself, or what it leads to. */
function meant(ref) {
    const ways = everything.leads[ref] ?? [];

    return offered().filter(({ value }) => value === ref
        || ways.some(([kind, id]) => (kind === sort() ? value === id : sort() === 'condition' && value.startsWith(`${kind} ${id} `))));
}

async function pressed(ref) {
    const goesOn = touched.ref === ref && performance.now() - touched.when < GOES_ON_MS;
    const isAgain = touched.ref === ref && !goesOn;
    touched = { ref, when: performance.now() };
    if (goesOn || sort() === 'key') {
        return;
    }
    everything = await already();
    if (select === null) {
        return;
    }
    const found = meant(ref);
    const name = controlName(everything, ref);
    if (found.length === 0) {
        say(`${name} cannot be chosen here.`);

        return;
    }
    const words = does(found[0]);
    if (found.length === 1 && (words === '' || isAgain)) {
        take(found[0].value);

        return;
    }
    field().value = '';
    shown = found;
    at = 0;
    draw();
    if (performance.now() - byPointer < GOES_ON_MS) {
        field().focus();
    }
    say(found.length > 1 ? `${name}: choose one of these.` : `${name} does something already: ${words}. Press it again, or Enter, and it is taken all the same.`);
    place();
}

onFound((ref) => select !== null && pressed(ref));

document.addEventListener('pointerdown', ({ target }) => {
    if (target.closest?.('.face')) {
        byPointer = performance.now();
    }
}, true);

document.addEventListener('mousedown', (event) => {
    if (event.button === 0 && asks(event.target)) {
        event.preventDefault();
        if (select === event.target) {
            close();
        } else {
            open(event.target);
        }
    } else if (select !== null && !event.target.closest('#choose, .face')) {
        close(false);
    }
});

document.addEventListener('click', (event) => {
    const line = event.target.closest?.('#choose [data-index]');
    if (line) {
        take(shown[Number(line.dataset.index)].value);
    }
});

document.addEventListener('input', (event) => {
    if (select !== null && event.target === field()) {
        filter();
    }
});

document.addEventListener('keydown', (event) => {
    const { key, target } = event;
    if (asks(target) && !event.ctrlKey && !event.metaKey) {
        const letter = key.length === 1 && key !== ' ' ? key : '';
        if (letter !== '' || key === 'Enter' || key === ' ' || key === 'F4' || (event.altKey && key === 'ArrowDown')) {
            event.preventDefault();
            event.stopPropagation();
            open(target, letter);
        }
    } else if (select !== null && target === field()) {
        const to = { ArrowDown: at + 1, ArrowUp: at - 1, PageDown: at + 8, PageUp: at - 8 }[key];
        if (to !== undefined) {
            at = Math.max(0, Math.min(shown.length - 1, to));
            draw();
        } else if (key === 'Enter' && shown[at]) {
            take(shown[at].value);
        } else if (key === 'Tab') {
            close();

            return;
        } else if (key !== 'Enter' && key !== 'Escape') {
            return;
        } else if (key === 'Escape') {
            close();
        }
        event.preventDefault();
        event.stopPropagation();
    }
}, true);

takeKeys({
    select: () => (select !== null && sort() === 'key' && document.activeElement !== field() ? select : null),
    take,
    say,
    show: (text) => { box().querySelector('[data-keys]').textContent = text; },
    close,
});

document.addEventListener('page:changed', () => select !== null && !select.isConnected && close(false));
window.addEventListener('resize', () => select !== null && place());
