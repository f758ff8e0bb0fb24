import { setText } from './dom.js';
import { live } from './live.js';

/** The tape: one sentence for what just happened and why. The Bench keeps a longer list of the same. */
const KEY = 'nailrod.tape';
const SHOWN = 2;
const KEPT = 60;
const LOG_MS = 250;
const STORE_MS = 500;
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
    const time = Object.assign(document.createElement('time'), { textContent: line.clock });
    li.append(time);
    if (line.by) {
        li.append(Object.assign(document.createElement('span'), { className: 'tape__by', textContent: line.by, title: 'The hand that did it' }));
    }
    line.parts.forEach((part, i) => {
        if (i > 0) {
            li.append(Object.assign(document.createElement('span'), { className: 'tape__arrow', textContent: ' → ' }));
        }
        li.append(Object.assign(document.createElement('span'), { className: i === line.parts.length - 1 && i > 0 ? 'tape__out' : 'tape__part', textContent: part }));
    });
    if (line.game) {
        li.append(Object.assign(document.createElement('span'), { className: 'tape__arrow', textContent: ' → ' }), Object.assign(document.createElement('span'), { className: 'tape__game', textContent: line.game }));
    }

    return li;
}

function show() {
    const tape = document.getElementById('tape-lines');
    const top = lines.filter((line) => !line.ends).slice(0, SHOWN);
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

function add(line) {
    const old = lines.findIndex((other) => other.about === line.about && line.about.includes('/'));
    if (old === 0 || (old > 0 && old < SHOWN)) {
        lines.splice(old, 1);
    }
    lines.unshift({ ...line, clock: clock(line.t) });
    lines.length = Math.min(lines.length, KEPT);
}

const simulator = () => document.body.dataset.simulator || 'the game';

document.addEventListener('live:answer', ({ detail }) => {
    if (detail.lines.length === 0 && detail.game.length === 0 && detail.problems.length === 0) {
        return;
    }
    for (const line of detail.lines.filter(({ t }) => t > 0)) {
        add(line);
    }
    for (const change of detail.game) {
        const words = `${change.name} ${change.words}`;
        const line = lines.find((other) => other.keys?.includes(change.by));
        if (line) {
            line.game = `${simulator()}: ${words}`;
        } else if (!change.by) {
            add({ t: change.t, about: `game ${change.variable}`, parts: [`${simulator()} did it by itself`, words], ends: false, keys: [] });
        }
    }
    for (const problem of detail.problems) {
        add({ t: detail.now, about: 'problem', parts: ['An input was left out', problem], ends: false, keys: [] });
    }
    storeLater();
    show();
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
