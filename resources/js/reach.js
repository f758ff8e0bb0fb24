import { visit } from './edits.js';
import { live } from './live.js';

/** Reach for it: a control that is moved or pressed is jumped to, on every place that lists controls. */
const KEY = 'nailrod.reach';
const MOVED = 0.03;
let start = {};
let busy = false;
/** The latest thing that was touched while another page was on its way. */
let wanted = null;

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

function leadsTo(ref) {
    const place = document.body.dataset.place;
    if (place === 'shape' && document.getElementById('plot')?.dataset.axis !== ref) {
        return document.querySelector(`[data-reach="${CSS.escape(ref)}"]`)?.href;
    }
    if (place === 'assign' && document.querySelector('.comb tr.is-picked')?.dataset.row !== ref) {
        return document.querySelector(`[data-cell="${CSS.escape(`${live.picture.layer.id}/${ref}`)}"] a`)?.href;
    }
    if (place === 'rig' && !document.querySelector(`[data-row="${CSS.escape(ref)}"]`)) {
        return document.querySelector(`[data-device="${ref.split('/')[0]}"] h2 a`)?.href;
    }

    return null;
}

async function go(ref) {
    wanted = ref;
    if (busy) {
        return;
    }
    busy = true;
    while (wanted) {
        const next = wanted;
        wanted = null;
        const to = leadsTo(next);
        if (to) {
            await visit(to);
        }
        document.querySelector(`[data-row="${CSS.escape(next)}"]`)?.scrollIntoView({ block: 'nearest' });
    }
    busy = false;
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
