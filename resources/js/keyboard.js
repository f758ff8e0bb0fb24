import { live } from './live.js';
import { own, turn } from './listening.js';
import { escapes } from './twice.js';

/** The keyboard of this computer as a device of the rig: while the page listens, every key goes there. */
const endsIt = escapes();
const down = new Set();

function letGo() {
    for (const port of down) {
        live.input(port, 0);
    }
    down.clear();
}

for (const type of ['keydown', 'keyup']) {
    window.addEventListener(type, (event) => {
        const keys = own('keyboard');
        const port = keys?.[event.code];
        const isPress = type === 'keydown' && !event.repeat;
        if (own('mouse') === null && keys === null) {
            return;
        }
        if (isPress && endsIt(event)) {
            turn(false);
            event.preventDefault();
            event.stopImmediatePropagation();
        } else if (port !== undefined) {
            event.preventDefault();
            event.stopImmediatePropagation();
            if (type === 'keyup') {
                down.delete(port);
                live.input(port, 0);
            } else if (isPress) {
                down.add(port);
                live.input(port, 1);
            }
        }
    }, true);
}

window.addEventListener('blur', letGo);
document.addEventListener('listening', letGo);
