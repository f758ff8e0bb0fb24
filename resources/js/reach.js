import { isChoosing } from './choose.js';
import { visit } from './edits.js';
import { onFound } from './found.js';
import { live } from './live.js';
import { isPairing } from './pair.js';

/** Reach for it: a control that is moved or pressed is jumped to, on every place that lists controls. */
const KEY = 'nailrod.reach';
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

function leadsTo(ref) {
    const place = document.body.dataset.place;
    if (place === 'shape' && !document.querySelector('[data-shows]')?.dataset.shows.split(' ').includes(ref)) {
        return document.querySelector(`[data-reach="${CSS.escape(ref)}"]`)?.href;
    }
    if (document.querySelector('[data-take]')) {
        return takeUp(ref);
    }
    if (place === 'assign' && document.querySelector('.comb tr.is-picked')?.dataset.row !== ref) {
        return document.querySelector(`[data-cell="${CSS.escape(`${live.picture.layer.id}/${ref}`)}"] a`)?.href;
    }
    if (place === 'rig') {
        return inRig(ref);
    }

    return null;
}

/** An action waits for its control: the first one that is pressed or moved gets it. */
function takeUp(ref) {
    const form = document.querySelector('[data-take] form');
    form.elements.layer.value = live.picture.layer.id;
    form.elements.ref.value = ref;
    form.requestSubmit();

    return null;
}

/** On the rig: the device, and the control that is named or the axis that is measured; not while one is being taught or measured. */
function inRig(ref) {
    if (live.picture.teaching || (live.picture.sweep && !live.picture.sweep.done)) {
        return null;
    }
    const isMeasuring = document.querySelector('[data-steps]') !== null;
    if (isMeasuring && live.hands[ref] !== undefined && live.picture.axes[ref]) {
        return document.querySelector(`.chip[data-row="${CSS.escape(ref)}"]:not([aria-current])`)?.href;
    }
    const plate = document.querySelector('[data-arrange]');
    const control = plate?.querySelector(`[data-control="${CSS.escape(ref.split('.')[0])}"]`);
    if (control) {
        return plate.dataset.pick.replace('ref=-', `ref=${encodeURIComponent(ref)}`);
    }

    return document.querySelector(`[data-device="${ref.split('/')[0]}"] h2 a:not([aria-current])`)?.href;
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

onFound((ref) => {
    if (isOn() && !isChoosing() && !isPairing()) {
        go(ref);
    }
});

show();
