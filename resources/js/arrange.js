import { visit } from './edits.js';
import { live } from './live.js';

/**
 * Placing controls on the faceplate: dragged on the grid with the mouse, or a picked one moved by its number fields.
 * While a switch is taught, the drawing is worked instead.
 */
const GRID = 10;
const CLICK = 6;
let drag = null;

const plateOf = (target) => target.closest?.('[data-arrange]');
const placeOf = (control) => { const { e, f } = control.transform.baseVal.consolidate().matrix; return { x: e, y: f }; };
const onGrid = (value, most) => Math.min(most, Math.max(0, Math.round(value / GRID) * GRID));

function local(svg, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
}

function begin(event) {
    const plate = plateOf(event.target);
    const control = event.target.closest?.('[data-control]');
    if (!plate || !control || event.button > 0 || live.picture?.teaching) {
        return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    const svg = control.closest('svg');
    drag = { plate, control, svg, from: local(svg, event), start: placeOf(control), moved: false };
    control.setPointerCapture?.(event.pointerId);
}

function move(event) {
    if (!drag) {
        return;
    }
    const { svg, control, from, start } = drag;
    const at = local(svg, event);
    drag.moved ||= Math.hypot(at.x - from.x, at.y - from.y) > CLICK;
    if (drag.moved) {
        const { width, height } = svg.viewBox.baseVal;
        drag.to = { x: onGrid(start.x + at.x - from.x, width), y: onGrid(start.y + at.y - from.y, height) };
        control.setAttribute('transform', `translate(${drag.to.x} ${drag.to.y})`);
    }
}

function end() {
    if (!drag) {
        return;
    }
    const { plate, control, moved, to } = drag;
    const ref = control.dataset.control;
    drag = null;
    if (!moved) {
        visit(plate.dataset.pick.replace('ref=-', `ref=${encodeURIComponent(ref)}`));

        return;
    }
    const form = document.createElement('form');
    form.method = 'post';
    form.action = plate.dataset.arrange;
    form.dataset.edit = '';
    form.hidden = true;
    const fields = { _token: document.querySelector('meta[name=csrf-token]').content, from: '0', control: ref, x: to.x, y: to.y };
    form.append(...Object.entries(fields).map(([name, value]) => Object.assign(document.createElement('input'), { type: 'hidden', name, value })));
    document.body.append(form);
    form.requestSubmit();
    form.remove();
}

document.addEventListener('pointerdown', begin, true);
document.addEventListener('pointermove', move);
document.addEventListener('pointerup', end);
document.addEventListener('pointercancel', () => { drag = null; });
