import { live } from './live.js';
import { own } from './listening.js';

/** The mouse of this computer as a device of the rig: over its pad, while the page listens. The rest of the page stays as it is. */
const down = new Set();

const pad = (event) => (own('mouse') === null ? null : event.target.closest?.('#mouse-pad'));

function letGo() {
    for (const port of down) {
        live.input(port, 0);
    }
    down.clear();
}

/** How far over the pad it is becomes how far along the axis the reading is. */
function report([port, min, max], share) {
    const value = Math.round(min + Math.max(0, Math.min(1, share)) * (max - min));
    if (live.hands[port] !== value) {
        live.input(port, value);
    }
}

document.addEventListener('mousemove', (event) => {
    const over = pad(event);
    if (!over) {
        return;
    }
    const { left, top, width, height } = over.getBoundingClientRect();
    const [x, y] = [(event.clientX - left) / width, (event.clientY - top) / height];
    report(own('mouse').across, x);
    report(own('mouse').up, 1 - y);
    over.querySelector('[data-dot]').setAttribute('transform', `translate(${200 * x - 100} ${120 * y - 60})`);
});
document.addEventListener('mousedown', (event) => {
    const port = pad(event) ? own('mouse').buttons[event.button] : undefined;
    if (port !== undefined) {
        event.preventDefault();
        down.add(port);
        live.input(port, 1);
    }
}, true);
// Also where the pad has been left meanwhile.
window.addEventListener('mouseup', (event) => {
    const port = own('mouse')?.buttons[event.button];
    if (down.delete(port)) {
        event.preventDefault();
        live.input(port, 0);
    }
}, true);
for (const type of ['contextmenu', 'auxclick', 'click']) {
    document.addEventListener(type, (event) => pad(event) && event.preventDefault());
}
document.addEventListener('wheel', (event) => {
    if (pad(event) && event.deltaY !== 0) {
        event.preventDefault();
        live.input(own('mouse').wheel, event.deltaY < 0 ? 1 : -1);
    }
}, { passive: false });
window.addEventListener('blur', letGo);
document.addEventListener('listening', letGo);
