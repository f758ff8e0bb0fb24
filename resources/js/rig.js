import { setAttributes, setText } from './dom.js';
import { live } from './live.js';

/** The Rig: what every input reports now, the number of the one just touched; plugs on every place. */
const ticked = {};

function mark(ref) {
    for (const row of document.querySelectorAll('tr.is-touched')) {
        row.classList.remove('is-touched');
    }
    const row = document.querySelector(`tr[data-row="${CSS.escape(ref)}"]`);
    row?.classList.add('is-touched');
    row?.scrollIntoView({ block: 'nearest' });
}

/** The number of what was found, large; what moves by itself is left out, and that is said. */
let shown = null;
function found({ found: { n, ref, number, name, device }, left_out: leftOut }) {
    const box = document.getElementById('found');
    if (box && n > 0) {
        setText(box.querySelector('[data-found-number]'), number);
        setText(box.querySelector('[data-found-name]'), `${name}, ${device}`);
    }
    if (ref !== null && shown !== n) {
        mark(ref);
    }
    shown = n;
    const list = document.querySelector('[data-left-out]');
    const lines = Object.entries(leftOut);
    if (list && list.dataset.said !== lines.join()) {
        list.dataset.said = lines.join();
        list.replaceChildren(...lines.map(([of, words]) => {
            const line = Object.assign(document.createElement('li'), { textContent: `${words} ` });
            const forget = Object.assign(document.createElement('button'), { type: 'button', className: 'link', textContent: 'Listen to it again' });
            Object.assign(forget.dataset, { survey: 'forget', ref: of });
            line.append(forget);

            return line;
        }));
    }
}

/** A device that reports something lights up in the list. */
const lit = {};
function light(port) {
    const device = document.querySelector(`[data-device="${port.split('/')[0]}"]`);
    if (device) {
        device.classList.add('is-reporting');
        clearTimeout(lit[port]);
        lit[port] = setTimeout(() => device.classList.remove('is-reporting'), 300);
    }
}

document.addEventListener('live:input', ({ detail }) => {
    ticked[detail.port] = (ticked[detail.port] ?? 0) + detail.value;
    light(detail.port);
});

let closed = null;
document.addEventListener('live:answer', ({ detail }) => {
    closed = new Set(detail.closed);
    found(detail);
    for (const [device, hex] of Object.entries(detail.reports ?? {})) {
        const report = document.querySelector(`[data-report="${device}"]`);
        if (report) {
            setText(report, hex.replace(/../g, '$& ').trim());
        }
    }
    for (const cell of document.querySelectorAll('[data-now]')) {
        const ref = cell.dataset.now;
        const axis = detail.axes[ref];
        const ticks = cell.dataset.ticks === undefined ? null : ticked[ref] ?? 0;
        setText(cell, axis ? `${axis.reading} · ${axis.words.travel}` : ticks !== null ? `${ticks} ticks` : closed.has(ref) ? 'closed' : 'open');
        cell.classList.toggle('is-closed', closed.has(ref));
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
