import { setText } from './dom.js';
import { live } from './live.js';

/**
 * The tape: a line for what just happened and why, and beside it what is on now. A line never changes once it is written: an end
 * and what comes of something later are lines of their own, which point to the one that they go on from. The Bench keeps a
 * longer list of the same.
 */
const KEY = 'nailrod.log';
const SHOWN = 3;
const KEPT = 60;
const LOG_MS = 250;
const STORE_MS = 500;
/** So much of what is on has room. */
const NAMED = 4;
let lines = [];

try {
    lines = JSON.parse(sessionStorage.getItem(KEY)) ?? [];
} catch {
    lines = [];
}

const clock = (t) => new Date(live.epoch + t / 1000).toTimeString().slice(0, 8) + '.' + String(Math.floor((live.epoch + t / 1000) % 1000)).padStart(3, '0');

function item(line) {
    const li = document.createElement('li');
    li.className = line.ends ? 'tape__line tape__line--ends' : 'tape__line';
    li.dataset.line = line.line;
    if (line.of) {
        li.dataset.of = line.of;
    }
    const time = Object.assign(document.createElement('time'), { textContent: line.clock });
    li.append(time);
    if (line.by) {
        li.append(Object.assign(document.createElement('span'), { className: 'tape__by', textContent: line.by, title: 'The hand that did it' }));
    }
    line.parts.forEach((part, i) => {
        if (i > 0) {
            li.append(Object.assign(document.createElement('span'), { className: 'tape__arrow', textContent: ' → ' }));
        }
        const className = /^game[ /]/.test(line.about) ? ['tape__game', 'tape__part'][i] : i === line.parts.length - 1 && i > 0 ? 'tape__out' : 'tape__part';
        li.append(Object.assign(document.createElement('span'), { className, textContent: part }));
    });
    for (const made of line.game) {
        li.append(Object.assign(document.createElement('span'), { className: 'tape__arrow', textContent: ' → ' }), Object.assign(document.createElement('span'), { className: 'tape__game', textContent: made }));
    }

    return li;
}

function show() {
    const tape = document.getElementById('tape-lines');
    const top = lines.slice(0, SHOWN);
    if (top.length > 0) {
        tape.replaceChildren(...top.map(item));
    }
    logLater();
}

/** The long list is for reading afterwards: it follows a few times a second, so that it holds no picture up. */
let logDue = null;
function logLater() {
    logDue ??= setTimeout(() => {
        logDue = null;
        const log = document.getElementById('log');
        if (log?.closest('details').open) {
            log.replaceChildren(...lines.map(item));
        }
    }, LOG_MS);
}

/** While an axis moves, or the game goes after it, the newest line about it stands for those before. */
function add(line) {
    const old = lines.findIndex((other) => other.about === line.about && line.about.includes('/'));
    if (old >= 0 && old < SHOWN) {
        lines.splice(old, 1);
    }
    lines.unshift({ ...line, clock: clock(line.t) });
    lines.length = Math.min(lines.length, KEPT);
}

document.addEventListener('live:answer', ({ detail }) => {
    showOn(detail.on ?? {});
    if (detail.lines.length === 0 && detail.problems.length === 0) {
        return;
    }
    for (const line of detail.lines.filter(({ t }) => t > 0)) {
        add(line);
    }
    for (const problem of detail.problems) {
        add({ t: detail.now, about: 'problem', parts: ['An input was left out', problem], ends: false, keys: [], game: [] });
    }
    storeLater();
    show();
});

/** What is on now, the newest first; the rest is counted, and named where one points. */
let on = '';
function showOn(all) {
    const entries = Object.entries(all).sort(([, a], [, b]) => b.t - a.t);
    const said = JSON.stringify(entries);
    const list = document.getElementById('tape-on');
    if (said === on) {
        return;
    }
    on = said;
    const named = entries.length > NAMED + 1 ? entries.slice(0, NAMED) : entries;
    list.replaceChildren(...named.map(([, { name, t }]) => Object.assign(document.createElement('li'), { className: 'tape__one', textContent: name, title: `on since ${clock(t)}` })));
    for (const [i, [, { line }]] of named.entries()) {
        list.children[i].dataset.of = line;
    }
    if (named.length < entries.length) {
        const rest = entries.slice(NAMED);
        list.append(Object.assign(document.createElement('li'), { className: 'tape__one tape__one--more', textContent: `and ${rest.length} more`, title: rest.map(([, { name }]) => name).join(', ') }));
    }
    list.parentElement.hidden = entries.length === 0;
}

/** What points to a line shows it. */
for (const type of ['pointerover', 'pointerout']) {
    document.addEventListener(type, ({ target }) => {
        const of = target.closest?.('[data-of]')?.dataset.of;
        for (const line of of ? document.querySelectorAll(`[data-line="${of}"]`) : []) {
            line.classList.toggle('is-meant', type === 'pointerover');
        }
    });
}

document.addEventListener('click', ({ target }) => {
    if (target.closest?.('[data-shut-window]')) {
        live.order('shut window').catch(() => {});
    }
});

/** The newest lines go along to the next page. */
let storeDue = null;
const store = () => { storeDue = null; sessionStorage.setItem(KEY, JSON.stringify(lines.slice(0, 12))); };
function storeLater() {
    storeDue ??= setTimeout(store, STORE_MS);
}
window.addEventListener('pagehide', store);

document.addEventListener('page:changed', show);
document.addEventListener('toggle', show, true);
show();

document.addEventListener('live:answer', ({ detail }) => {
    const layer = document.getElementById('live-layer');
    if (layer) {
        setText(layer, detail.layer.name);
    }
    const open = document.getElementById('game-window');
    if (open) {
        open.hidden = detail.window === '';
        setText(open.querySelector('b'), detail.window);
    }
    for (const badge of document.querySelectorAll('[data-layer]')) {
        badge.classList.toggle('is-live', detail.set === document.body.dataset.set && badge.dataset.layer === detail.layer.id);
    }
    for (const row of document.querySelectorAll('[data-variable]')) {
        const variable = detail.variables[row.dataset.variable];
        const value = row.querySelector('[data-value]');
        if (variable && value.textContent !== variable.words) {
            value.textContent = variable.words;
            row.classList.add('is-changed');
            setTimeout(() => row.classList.remove('is-changed'), 900);
        }
        const meter = row.querySelector('meter');
        if (variable && meter && meter.value !== variable.value) {
            meter.value = variable.value;
        }
    }
});
