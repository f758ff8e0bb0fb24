import { again } from './edits.js';
import { live } from './live.js';
import { news } from './notices.js';

/**
 * Real controllers, by the W3C Gamepad API. The server says which device each one is and where its values go; this
 * reads them at every frame and reports what has changed, like any other device.
 */
const FULL = 32767;
/** Without a look for so many seconds, something may have been missed. */
const LOST_S = 2;
/** By slot: what the server said of the controller there. */
const known = new Map();
const last = new Map();
let asking = false;

const pads = () => [...(navigator.getGamepads?.() ?? [])].filter((pad) => pad?.connected);
const told = (pad) => ({ slot: pad.index, model: pad.id, mapping: pad.mapping, buttons: pad.buttons.length, axes: [...pad.axes], device: known.get(pad.index)?.device ?? null });

async function ask() {
    if (asking || live.picture === null) {
        return;
    }
    asking = true;
    try {
        const there = pads();
        const gone = [...known].filter(([slot, { model }]) => !there.some((pad) => pad.index === slot && pad.id === model));
        gone.forEach(([slot]) => known.delete(slot));
        const answer = await live.post('/pads', { set: live.set, pads: there.map(told), gone: gone.map(([slot, { device }]) => ({ device, axes: last.get(slot) ?? [] })) });
        for (const pad of answer.pads) {
            const controller = there.find(({ index }) => index === pad.slot);
            known.set(pad.slot, { ...pad, model: controller.id });
            live.plug(pad.device, true);
        }
        answer.absent.forEach((device) => live.plug(device, false));
        if (answer.added) {
            await live.settled();
            await again();
        }
        answer.said.length > 0 && news(answer.said.join(' '));
        showSwap();
    } catch {
        setTimeout(ask, 700);
    } finally {
        asking = false;
    }
}

/** Two of one model can be exchanged: those that could not be told apart, or any two that are in. */
function showSwap() {
    const all = [...known.values()];
    const unsure = all.find((pad) => pad.unsure);
    const twin = all.find((pad, i) => all.some((other, k) => k > i && other.model === pad.model));
    const other = unsure?.unsure ?? all.find((pad) => pad !== twin && pad.model === twin?.model)?.device;
    const button = document.getElementById('swap-pads');
    if (button) {
        button.hidden = !other;
        button.dataset.a = (unsure ?? twin)?.device ?? '';
        button.dataset.b = other ?? '';
    }
}

async function swap(a, b) {
    const [first, second] = [a, b].map((device) => [...known].find(([, pad]) => pad.device === device));
    if (first) {
        known.set(first[0], { ...first[1], device: b, unsure: null });
    }
    if (second) {
        known.set(second[0], { ...second[1], device: a, unsure: null });
    }
    last.clear();
    await ask();
}

function report(port, value) {
    if (port && live.hands[port] !== value) {
        live.input(port, value);
    }
}

/** Frames rest while the window is covered: what a controller did then is lost, and that is said once. */
let looked = performance.now();
let hasSaid = false;
function missed() {
    const slept = (performance.now() - looked) / 1000;
    looked = performance.now();
    if (slept > LOST_S && known.size > 0 && !hasSaid) {
        hasSaid = true;
        news(`For ${slept.toFixed(0)} s controllers were not read: a browser reads them only while their window is seen. Opened by its reports (Rig, Add a device), one goes on while the window is covered.`);
    }
}

function read() {
    missed();
    const there = pads();
    const isOther = there.some((pad) => known.get(pad.index)?.model !== pad.id) || [...known.keys()].some((slot) => !there.some((pad) => pad.index === slot));
    if (isOther) {
        ask();
    }
    for (const pad of there) {
        const to = known.get(pad.index);
        if (to && to.model === pad.id && !live.picture?.unplugged.includes(to.device)) {
            last.set(pad.index, [...pad.axes]);
            pad.axes.forEach((value, i) => report(to.axes[i], Math.round(Math.max(-1, Math.min(1, value)) * FULL)));
            pad.buttons.forEach(({ pressed, value }, i) => {
                report(to.buttons[i], Number(pressed));
                report(to.analogue[i], Math.round(Math.max(0, Math.min(1, value)) * FULL));
            });
        }
    }
    requestAnimationFrame(read);
}

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('#swap-pads');
    if (button) {
        swap(button.dataset.a, button.dataset.b);
    }
});
document.addEventListener('page:changed', showSwap);
window.addEventListener('gamepadconnected', ask);
window.addEventListener('gamepaddisconnected', ask);
document.addEventListener('live:answer', ask, { once: true });
requestAnimationFrame(read);
