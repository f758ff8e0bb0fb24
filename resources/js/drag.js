/**
 * What is dragged by a pointer: a control that is worked or placed, a handle, a bar, a wire. A taker looks at what was pressed
 * down and says what is to become of it, or null where it is none of its own. Each finger has a drag of its own.
 *
 * @typedef {object} Drag
 * @property {(event: PointerEvent, by: {x: number, y: number}) => void} [move] by: in px from where it was pressed
 * @property {(event: PointerEvent, moved: boolean) => void} [end] it was let go
 * @property {(moved: boolean) => void} [cancel] it was taken away: by Escape, by the browser, by another window
 * @property {number} [far] so many px are no drag yet
 * @property {Element|null} [holds] keeps the pointer until it is let go
 *
 * @typedef {(event: PointerEvent) => ?Drag} Taker
 */

/** @type {Taker[]} */
const takers = [];

/** @type {Map<number, Drag & {x: number, y: number, moved: boolean}>} by pointer */
const drags = new Map();

/**
 * @param {Taker} take
 * @param {{before?: boolean}} [order] before: it is asked before the others
 */
export function onDrag(take, { before = false } = {}) {
    if (before) {
        takers.unshift(take);
    } else {
        takers.push(take);
    }
}

/** What the others make of it, for a taker that waits whether it is its own. @returns {?Drag} */
export function takenBy(event, but) {
    for (const take of takers) {
        const drag = take === but ? null : take(event);
        if (drag) {
            return drag;
        }
    }

    return null;
}

export const isDragging = () => drags.size > 0;

function cancelAll() {
    const all = [...drags.values()];
    drags.clear();
    all.forEach((drag) => drag.cancel?.(drag.moved));
}

document.addEventListener('pointerdown', (event) => {
    if (event.button > 0 || !(event.target instanceof Element)) {
        return;
    }
    for (const take of takers) {
        const drag = take(event);
        if (drag) {
            drags.set(event.pointerId, { ...drag, x: event.clientX, y: event.clientY, moved: false });
            drag.holds?.setPointerCapture(event.pointerId);

            return;
        }
    }
});

document.addEventListener('pointermove', (event) => {
    const drag = drags.get(event.pointerId);
    if (drag) {
        const by = { x: event.clientX - drag.x, y: event.clientY - drag.y };
        drag.moved ||= Math.hypot(by.x, by.y) >= (drag.far ?? 0);
        if (drag.moved) {
            drag.move?.(event, by);
        }
    }
});

document.addEventListener('pointerup', (event) => {
    const drag = drags.get(event.pointerId);
    drags.delete(event.pointerId);
    drag?.end?.(event, drag.moved);
});

document.addEventListener('pointercancel', (event) => {
    const drag = drags.get(event.pointerId);
    drags.delete(event.pointerId);
    drag?.cancel?.(drag.moved);
});

document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' && isDragging()) {
        cancelAll();
    }
});

window.addEventListener('blur', cancelAll);
