import { live } from './live.js';

/**
 * The keyboard of this computer as a device of the rig. It listens only while it is switched on, and then takes every
 * key: Escape twice in a row, or a click on the button, ends that. When the page loses the keyboard all its keys open.
 */
const TWICE_MS = 500;
let isOn = false;
let escaped = 0;
const down = new Set();

const button = () => document.getElementById('listen');
const keys = () => JSON.parse(button()?.dataset.keys ?? '{}');

function show() {
    const it = button();
    if (it) {
        it.setAttribute('aria-pressed', String(isOn));
        document.getElementById('listening').hidden = !isOn;
    } else {
        isOn = false;
        document.getElementById('listening').hidden = true;
    }
}

function letGo() {
    for (const port of down) {
        live.input(port, 0);
    }
    down.clear();
}

function turn(on) {
    if (isOn !== on) {
        isOn = on;
        letGo();
        show();
    }
}

for (const type of ['keydown', 'keyup']) {
    window.addEventListener(type, (event) => {
        const port = isOn ? keys()[event.code] : undefined;
        if (port === undefined) {
            return;
        }
        event.preventDefault();
        event.stopImmediatePropagation();
        if (type === 'keyup') {
            down.delete(port);
            live.input(port, 0);
        } else if (!event.repeat) {
            if (event.code === 'Escape' && performance.now() - escaped < TWICE_MS) {
                turn(false);

                return;
            }
            escaped = event.code === 'Escape' ? performance.now() : 0;
            down.add(port);
            live.input(port, 1);
        }
    }, true);
}

window.addEventListener('blur', letGo);
document.addEventListener('click', (event) => {
    const it = event.target.closest?.('#listen');
    if (it) {
        turn(!isOn);
        it.blur();
    }
});
document.addEventListener('page:changed', show);
