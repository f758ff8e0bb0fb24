import { visit } from './edits.js';
import { live } from './live.js';

/** Reach for it: a control that is moved or pressed is jumped to, on every place that lists controls. */
const KEY = 'nailrod.reach';
const MOVED = 0.03;
let start = {};
let busy = false;

const isOn = () => localStorage.getItem(KEY) !== 'off';

export function turnReach() {
    localStorage.setItem(KEY, isOn() ? 'off' : 'on');
    show();
}

function show() {
    document.body.classList.toggle('reach-off', !isOn());
}

/** References that an input may mean: an axis once it has moved far enough, else the contact that it closed. */
function meant({ port, value }) {
    const rail = document.querySelector(`[data-axis="${CSS.escape(port)}"]`);
    if (!rail) {
        return value === 1 ? port : null;
    }
    start[port] ??= live.picture?.axes[port]?.reading ?? value;
    const far = Math.abs(value - start[port]) > MOVED * (Number(rail.dataset.max) - Number(rail.dataset.min));
    if (far) {
        start = {};
    }

    return far ? port : null;
}

async function go(ref) {
    const place = document.body.dataset.place;
    const picked = { shape: document.getElementById('plot')?.dataset.axis, assign: document.querySelector('.comb tr.is-picked')?.dataset.row }[place];
    if (busy || picked === ref) {
        return;
    }
    let to = null;
    if (place === 'shape') {
        to = document.querySelector(`[data-reach="${CSS.escape(ref)}"]`)?.href;
    } else if (place === 'assign') {
        to = document.querySelector(`[data-cell="${CSS.escape(`${live.picture.layer.id}/${ref}`)}"] a`)?.href;
    } else if (place === 'rig' && !document.querySelector(`[data-row="${CSS.escape(ref)}"]`)) {
        to = document.querySelector(`[data-device="${ref.split('/')[0]}"] h2 a`)?.href;
    }
    if (to) {
        busy = true;
        await visit(to);
        busy = false;
    }
    document.querySelector(`[data-row="${CSS.escape(ref)}"]`)?.scrollIntoView({ block: 'nearest' });
}

document.addEventListener('live:input', ({ detail }) => {
    const ref = isOn() ? meant(detail) : null;
    if (ref) {
        go(ref);
    }
});

/** An opposite closes without an input of its own: the answer tells. */
let closed = new Set();
document.addEventListener('live:answer', ({ detail }) => {
    const fresh = detail.closed.filter((ref) => !closed.has(ref));
    const isFirst = closed.size === 0;
    closed = new Set(detail.closed);
    if (!isFirst && isOn() && document.body.dataset.place === 'assign' && fresh.length === 1 && live.hands[fresh[0]] === undefined) {
        go(fresh[0]);
    }
});

show();
