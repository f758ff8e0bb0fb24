import { onDrag } from './drag.js';
import { visit } from './edits.js';
import { live } from './live.js';

/**
 * Placing controls on the faceplate: dragged on the grid with the mouse, or a picked one moved by its number fields.
 * While a switch is taught, the drawing is worked instead.
 */
const GRID = 10;
const CLICK = 6;

const plateOf = (target) => target.closest?.('[data-arrange]');
const placeOf = (control) => { const { e, f } = control.transform.baseVal.consolidate().matrix; return { x: e, y: f }; };
const onGrid = (value, most) => Math.min(most, Math.max(0, Math.round(value / GRID) * GRID));

function local(svg, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
}

onDrag((event) => {
    const plate = plateOf(event.target);
    const control = event.target.closest('[data-control]');
    if (!plate || !control || live.picture?.teaching) {
        return null;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    const svg = control.closest('svg');
    const from = local(svg, event);
    const start = placeOf(control);
    const put = ({ x, y }) => control.setAttribute('transform', `translate(${x} ${y})`);
    let to = start;

    return {
        holds: control,
        far: CLICK,
        move: (moved) => {
            const at = local(svg, moved);
            const { width, height } = svg.viewBox.baseVal;
            to = { x: onGrid(start.x + at.x - from.x, width), y: onGrid(start.y + at.y - from.y, height) };
            put(to);
        },
        end: (_, moved) => (moved ? save(plate, control.dataset.control, to) : visit(plate.dataset.pick.replace('ref=-', `ref=${encodeURIComponent(control.dataset.control)}`))),
        cancel: () => put(start),
    };
}, { before: true });

function save(plate, ref, to) {
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
