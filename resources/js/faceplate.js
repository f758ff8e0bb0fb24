import { dialled, hand, held, latched, ports, rail, thrown } from './controls.js';
import { isDragging, onDrag } from './drag.js';
import { paint } from './facepaint.js';
import { live } from './live.js';
import { clamp, place, toReading } from './rails.js';

/** Drawn devices that can be worked by mouse, touch and keys. They report raw readings and contacts, like a device. */

function report(port, value) {
    held[port] = value;
    if (live.hands[port] !== value) {
        live.input(port, value);
        paint();
    }
}

function local(element, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(element.getScreenCTM().inverse());
}

// Rails: levers, sliders, the axes of a stick.

const angle = (work, event) => { const p = local(work, event); return (Math.atan2(p.y, p.x) * 180) / Math.PI; };

/** A wheel follows the hand round its middle, as often round as it goes. */
function wheelDrag(work, event) {
    const r = rail(work);
    let before = angle(work, event);
    let at = hand(r.port);
    const move = (e) => {
        const now = angle(work, e);
        const by = ((now - before + 540) % 360) - 180;
        before = now;
        at = clamp(at + (by / r.degrees) * (r.max - r.min), r.min, r.max);
        report(r.port, Math.round(at));
    };

    return { move, end: () => {} };
}

function railDrag(work, event) {
    const r = rail(work);
    if (r.degrees) {
        return wheelDrag(work, event);
    }
    const along = (e) => { const p = local(work, e); return r.across ? p.x : p.y; };
    const now = place(r, hand(r.port));
    const grabbed = Math.abs(along(event) - now) < 34 ? along(event) - now : 0;
    const move = (e) => report(r.port, toReading(r, along(e) - grabbed));
    move(event);

    return { move, end: () => r.springs && report(r.port, r.rest) };
}

function railKey(work, event) {
    const r = rail(work);
    const step = (r.max - r.min) / (r.jumps > 1 ? r.jumps - 1 : event.shiftKey ? 1000 : 100);
    const more = r.across ? 'ArrowRight' : r.down ? 'ArrowDown' : 'ArrowUp';
    const less = r.across ? 'ArrowLeft' : r.down ? 'ArrowUp' : 'ArrowDown';
    const by = { [more]: step, [less]: -step, PageUp: 10 * step, PageDown: -10 * step, Home: -Infinity, End: Infinity }[event.key];
    if (by !== undefined) {
        const next = clamp(hand(r.port) + by, r.min, r.max);
        report(r.port, r.jumps > 1 ? toReading(r, place(r, next)) : Math.round(next));
    } else if (event.key === '0' || event.key === 'Delete') {
        report(r.port, r.rest);
    } else {
        return false;
    }

    return true;
}

function padDrag(pad, event) {
    const face = pad.closest('[data-face]');
    const rails = [pad.dataset.x, pad.dataset.y].map((ref) => rail(face.querySelector(`[data-axis="${ref}"]`)));
    const move = (e) => {
        const p = local(pad, e);
        report(rails[0].port, toReading(rails[0], p.x));
        report(rails[1].port, toReading(rails[1], p.y));
    };
    move(event);

    return { move, end: () => rails.filter((r) => r.springs).forEach((r) => report(r.port, r.rest)) };
}

// Contacts.

function press(work, down) {
    const list = ports(work.dataset.press);
    for (const port of down ? list : list.reverse()) {
        report(port, down ? 1 : 0);
    }
}

function latch(work) {
    const port = ports(work.dataset.press).at(-1);
    latched.has(port) ? latched.delete(port) : latched.add(port);
    press(work, latched.has(port));
    paint();
}

/** A two-way switch; one that reports both positions opens the one before it closes the other. */
function flip(work, up) {
    const { flip: port, other } = work.dataset;
    if (up) {
        other && report(other, 0);
        report(port, 1);
    } else {
        report(port, 0);
        other && report(other, 1);
    }
}

function throwTo(work, position) {
    const [up, down] = ports(work.dataset.throw);
    report(position > 0 ? down : up, 0);
    if (position <= 0) {
        report(down, 0);
    }
    if (position !== 0) {
        report(position > 0 ? up : down, 1);
    }
}

function dialTo(work, position) {
    const list = ports(work.dataset.dial);
    const next = list[clamp(position, 0, list.length - 1)];
    list.filter((port) => port !== next).forEach((port) => report(port, 0));
    report(next, 1);
}

function dialAt(work, event) {
    const { x, y } = local(work, event);
    const list = ports(work.dataset.dial);
    const turned = (Math.atan2(x, -y) * 180) / Math.PI;

    return Math.round(turned / Number(work.dataset.spread) + (list.length - 1) / 2);
}

function tick(work, by) {
    const turned = Number(work.getAttribute('aria-valuenow')) + by;
    work.setAttribute('aria-valuenow', turned);
    work.querySelector('.needle').setAttribute('transform', `rotate(${turned * 15})`);
    live.input(work.dataset.encoder, by);
}

function hatAt(hat, event) {
    const { x, y } = local(hat, event);

    return Math.hypot(x, y) < 18 ? -1 : (Math.round(Math.atan2(x, -y) / (Math.PI / 4)) + 8) % 8;
}

// Pointer.

onDrag((event) => {
    const target = event.target.closest('.work, [data-pad], [data-hat]');
    if (!target || !target.closest('[data-face]')) {
        return null;
    }
    event.preventDefault();
    target.closest('.work')?.focus({ preventScroll: true });
    const drag = pressed(target, event);

    return drag && { holds: target, ...drag, cancel: drag.end };
});

/** What the pointer does to a control that it was pressed on; the drag, where it goes on until it is let go. */
function pressed(target, event) {
    const hat = event.target.closest('[data-hat]');
    const data = target.dataset;
    if (data.rail !== undefined) {
        return railDrag(target, event);
    }
    if (target.matches('[data-pad]')) {
        return padDrag(target, event);
    }
    if (hat) {
        report(hat.dataset.hat, hatAt(hat, event));

        return { move: (e) => report(hat.dataset.hat, hatAt(hat, e)), end: () => report(hat.dataset.hat, -1) };
    }
    if (data.press && (event.shiftKey || latched.has(ports(data.press).at(-1)))) {
        latch(target);
    } else if (data.press) {
        press(target, true);

        return { end: () => press(target, false) };
    } else if (data.flip) {
        flip(target, 1 - hand(data.flip));
    } else if (data.throw) {
        const { y } = local(target, event);
        throwTo(target, Math.abs(y) < 26 ? 0 : y < 0 ? 1 : -1);

        return 'sprung' in data ? { end: () => throwTo(target, 0) } : null;
    } else if (data.dial) {
        dialTo(target, dialAt(target, event));
    } else if (data.encoder) {
        tick(target, local(target, event).x < 0 ? -1 : 1);
    }

    return null;
}

document.addEventListener('wheel', (event) => {
    const work = event.target.closest?.('[data-encoder]');
    if (work) {
        event.preventDefault();
        tick(work, event.deltaY > 0 ? -1 : 1);
    }
}, { passive: false });

// Keys.

const steps = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };

function key(work, event) {
    const data = work.dataset;
    if (data.rail !== undefined) {
        return railKey(work, event);
    }
    const isSpace = event.key === ' ';
    const step = steps[event.key];
    if (data.press) {
        if (event.key === 'Enter' && !event.repeat) {
            latch(work);
        } else if (isSpace && !event.repeat) {
            press(work, true);
        }

        return isSpace || event.key === 'Enter';
    }
    if (data.way && isSpace) {
        report(work.closest('[data-hat]').dataset.hat, Number(data.way));

        return true;
    }
    if (data.flip && (isSpace || event.key === 'Enter' || step)) {
        flip(work, step ? (step > 0 ? 1 : 0) : 1 - hand(data.flip));

        return true;
    }
    if (step && data.throw) {
        throwTo(work, clamp(thrown(work) + step, -1, 1));

        return true;
    }
    if (step && data.dial) {
        dialTo(work, dialled(work) + step);

        return true;
    }
    if (step && data.encoder) {
        tick(work, step);

        return true;
    }

    return false;
}

const focused = (event) => event.target.closest?.('[data-face] .work');

document.addEventListener('keydown', (event) => {
    const work = focused(event);
    if (work && !event.ctrlKey && !event.metaKey && !event.altKey && key(work, event)) {
        event.preventDefault();
        event.stopPropagation();
    }
}, true);

document.addEventListener('keyup', (event) => {
    const work = focused(event);
    if (work?.dataset.press && event.key === ' ' && !latched.has(ports(work.dataset.press).at(-1))) {
        press(work, false);
    } else if (work && 'sprung' in work.dataset && steps[event.key]) {
        throwTo(work, 0);
    } else if (work?.dataset.way && event.key === ' ') {
        report(work.closest('[data-hat]').dataset.hat, -1);
    }
});

document.addEventListener('focusout', (event) => {
    const work = focused(event);
    if (work?.dataset.springs !== undefined && !isDragging()) {
        report(work.dataset.axis, Number(work.dataset.rest));
    }
});

