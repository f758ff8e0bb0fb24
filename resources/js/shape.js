import { drawWhile, sharp, theme } from './canvas.js';
import { setAttributes, setText } from './dom.js';
import { pending } from './edits.js';
import { live } from './live.js';

/** The Shape picture: the live point with its trail, the last ten seconds, handles that are dragged or moved by keys. */
const SPAN = 10_000_000;
const TRAIL = 40;
let past = [];
let trail = [];
let axisShown = null;

const plot = () => document.getElementById('plot');
const box = (svg) => ({ left: Number(svg.dataset.left), top: Number(svg.dataset.top), width: Number(svg.dataset.width), height: Number(svg.dataset.height) });

function point(svg, detail) {
    const axis = detail.axes[svg.dataset.axis];
    if (!axis) {
        return;
    }
    const { left, top, width, height } = box(svg);
    const x = left + width * axis.travel;
    const sent = axis.sent ?? axis.value;
    const y = top + height * (1 - sent);
    const ghost = top + height * (1 - axis.value);
    const last = trail.at(-1);
    if (!last || last[0] !== x || last[1] !== y) {
        trail.push([x, y]);
        trail = trail.slice(-TRAIL);
    }
    svg.querySelector('#live').removeAttribute('hidden');
    const set = (id, attributes) => setAttributes(svg.querySelector(id), attributes);
    set('#live-dot', { cx: x, cy: y });
    set('#live-ghost', { cx: x, cy: ghost, visibility: Math.abs(ghost - y) > 1 ? 'visible' : 'hidden' });
    set('#live-drop', { d: `M${x} ${y}V${top + height}` });
    set('#trail', { d: 'M' + trail.map((p) => p.join(' ')).join('L') });
    const isRight = x > left + width * 0.6;
    set('#live-text', { x: x + (isRight ? -12 : 12), y: isRight || y > top + height - 40 ? Math.max(top + 12, y - (isRight ? 12 : 24)) : y + 22, 'text-anchor': isRight ? 'end' : 'start' });
    setText(svg.querySelector('#live-text'), `travel ${axis.words.travel}, sent ${axis.words.sent === 'not used' ? axis.words.value : axis.words.sent}`);
    for (const state of svg.querySelectorAll('[data-stop-state]')) {
        const isOpen = detail.stops.includes(state.dataset.stopState);
        setText(state, isOpen ? 'open' : 'shut');
        state.closest('.handle').classList.toggle('is-open', isOpen);
    }
    const stops = [...svg.querySelectorAll('[data-stop]')].map((handle) => handle.dataset.stop);
    past.push({ t: detail.now, value: axis.value, sent, open: detail.stops.some((stop) => stops.includes(stop)) });
    past = past.filter((sample) => sample.t > detail.now - SPAN - 1_000_000);
}

function strip() {
    const canvas = document.getElementById('strip');
    if (!canvas || past.length === 0) {
        return;
    }
    const { context, width, height } = sharp(canvas);
    const colour = theme();
    const now = live.now();
    const x = (t) => width * (1 - (now - t) / SPAN);
    const y = (value) => 4 + (height - 8) * (1 - value);
    context.strokeStyle = colour.rule;
    context.lineWidth = 1;
    context.beginPath();
    for (let s = 1; s < 10; s++) {
        context.moveTo(Math.round((width * s) / 10) + 0.5, 0);
        context.lineTo(Math.round((width * s) / 10) + 0.5, height);
    }
    context.stroke();
    const until = (i) => x(past[i + 1]?.t ?? now);
    context.globalAlpha = 0.16;
    context.fillStyle = colour.sent;
    past.forEach((sample, i) => sample.open && context.fillRect(x(sample.t), 0, until(i) - x(sample.t), height));
    context.globalAlpha = 1;
    for (const [part, ink, thick] of [['value', colour.soft, 1], ['sent', colour.did, 2]]) {
        context.strokeStyle = ink;
        context.lineWidth = thick;
        context.beginPath();
        past.forEach((sample, i) => {
            context.lineTo(x(sample.t), y(sample[part]));
            context.lineTo(until(i), y(sample[part]));
        });
        context.stroke();
    }
}

document.addEventListener('live:answer', ({ detail }) => {
    const svg = plot();
    if (svg && detail.axes) {
        if (axisShown !== svg.dataset.axis) {
            axisShown = svg.dataset.axis;
            past = [];
            trail = [];
        }
        point(svg, detail);
    }
});

drawWhile(() => document.getElementById('strip') !== null && past.length > 0 && live.now() - past.at(-1).t < SPAN, strip);

// Handles.

let held = null;
let later = null;

function percentAt(handle, event) {
    const svg = plot();
    const { left, top, width, height } = box(svg);
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const part = 'across' in handle.dataset ? (p.x - left) / width : 1 - (p.y - top) / height;

    return 100 * Math.min(1, Math.max(0, 'mirror' in handle.dataset ? 1 - part : part));
}

function moveTo(handle, percent) {
    const { left, top, width, height } = box(plot());
    const part = ('mirror' in handle.dataset ? 100 - percent : percent) / 100;
    handle.setAttribute('transform', 'across' in handle.dataset ? `translate(${left + width * part} ${top + height})` : `translate(${left} ${top + height * (1 - part)})`);
    const field = document.querySelector(handle.dataset.field);
    field.value = Math.round(10 * percent) / 10;
    pending.add(field.id);
    handle.setAttribute('aria-valuenow', field.value);
    handle.setAttribute('aria-valuetext', `${field.value} %`);

    return field;
}

function save(handle) {
    const field = document.querySelector(handle.dataset.field);
    field.form.requestSubmit();
    pending.delete(field.id);
}

document.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest?.('[data-handle]');
    if (handle && event.button === 0) {
        event.preventDefault();
        handle.focus({ preventScroll: true });
        handle.setPointerCapture(event.pointerId);
        held = { handle, moved: false };
    }
});
document.addEventListener('pointermove', (event) => {
    if (held) {
        held.moved = true;
        moveTo(held.handle, percentAt(held.handle, event));
    }
});
document.addEventListener('pointerup', () => {
    if (held?.moved) {
        save(held.handle);
    }
    held = null;
});
document.addEventListener('keydown', (event) => {
    const handle = event.target.closest?.('[data-handle]');
    if (!handle) {
        return;
    }
    const step = event.shiftKey ? 0.1 : 1;
    const more = 'mirror' in handle.dataset ? ['ArrowLeft', 'ArrowDown'] : ['ArrowRight', 'ArrowUp'];
    const less = 'mirror' in handle.dataset ? ['ArrowRight', 'ArrowUp'] : ['ArrowLeft', 'ArrowDown'];
    const by = more.includes(event.key) ? step : less.includes(event.key) ? -step : 0;
    if (by !== 0) {
        event.preventDefault();
        moveTo(handle, Math.min(100, Math.max(0, Number(document.querySelector(handle.dataset.field).value) + by)));
        clearTimeout(later);
        later = setTimeout(() => save(handle), 350);
    }
});
