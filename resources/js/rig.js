import { setAttributes, setText } from './dom.js';
import { live } from './live.js';

/** The Rig: what every input reports now, which have been seen, the number of the one just touched; plugs on every place. */
const seen = {};
const ticked = {};

function show(ref, number, name) {
    const box = document.getElementById('found');
    if (box) {
        box.querySelector('[data-found-number]').textContent = number;
        box.querySelector('[data-found-name]').textContent = name;
    }
    for (const row of document.querySelectorAll('tr.is-touched')) {
        row.classList.remove('is-touched');
    }
    const row = document.querySelector(`[data-row="${CSS.escape(ref)}"]`);
    row?.classList.add('is-touched');
    row?.scrollIntoView({ block: 'nearest' });
}

function touched(ref) {
    const row = document.querySelector(`.inputs [data-row="${CSS.escape(ref)}"]`);
    if (row) {
        show(ref, row.querySelector('.number').textContent, row.querySelector('th').firstChild.textContent);
    }
}

document.addEventListener('live:input', ({ detail }) => {
    seen[detail.port] = (seen[detail.port] ?? 0) + 1;
    ticked[detail.port] = (ticked[detail.port] ?? 0) + detail.value;
    touched(detail.port);
});

let closed = null;
document.addEventListener('live:answer', ({ detail }) => {
    for (const ref of detail.closed) {
        if (closed && !closed.has(ref)) {
            seen[ref] = (seen[ref] ?? 0) + 1;
            touched(ref);
        }
    }
    closed = new Set(detail.closed);
    for (const cell of document.querySelectorAll('[data-now]')) {
        const ref = cell.dataset.now;
        const axis = detail.axes[ref];
        const ticks = cell.dataset.ticks === undefined ? null : ticked[ref] ?? 0;
        setText(cell, axis ? `${axis.reading} · ${axis.words.travel}` : ticks !== null ? `${ticks} ticks` : closed.has(ref) ? 'closed' : 'open');
        cell.classList.toggle('is-closed', closed.has(ref));
    }
    for (const cell of document.querySelectorAll('[data-seen]')) {
        if (seen[cell.dataset.seen]) {
            setText(cell, '✓ seen');
        }
    }
    for (const plug of document.querySelectorAll('[data-plug]')) {
        const isIn = !detail.unplugged.includes(plug.dataset.plug);
        setAttributes(plug, { 'aria-pressed': isIn });
        setText(plug.querySelector('.plug__word'), isIn ? 'plugged in' : 'unplugged');
    }
});

document.addEventListener('click', (event) => {
    const plug = event.target.closest('[data-plug]');
    if (plug) {
        live.plug(plug.dataset.plug, plug.getAttribute('aria-pressed') !== 'true');
    }
    const flip = event.target.closest('[data-game]');
    if (flip && live.picture) {
        const { value } = live.picture.variables[flip.dataset.game];
        const { low, high } = flip.dataset;
        live.input(`sim/${flip.dataset.game}`, value >= Number(high) ? Number(low) : value + 1);
    }
});
