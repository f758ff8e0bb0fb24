import { drawWhile, sharp, theme } from './canvas.js';
import './handles.js';
import { frame } from './plot.js';
import { setAttributes, setText } from './dom.js';
import { live } from './live.js';

/** The Shape picture: the live point with its trail, two axes as one picture, the last ten seconds. */
const SPAN = 10_000_000;
const TRAIL = 40;
let past = [];
let trail = [];
let shown = null;

function draw(line, x, y) {
    const last = trail.at(-1);
    if (!last || last[0] !== x || last[1] !== y) {
        trail.push([x, y]);
        trail = trail.slice(-TRAIL);
    }
    setAttributes(line, { d: `M${trail.map((p) => p.join(' ')).join('L')}` });
}

function point(svg, axis) {
    const at = frame(svg);
    const sent = axis.sent ?? axis.value;
    const [x, y, ghost] = [at.x(axis.travel), at.y(sent), at.y(axis.value)];
    draw(svg.querySelector('#trail'), x, y);
    svg.querySelector('#live').toggleAttribute('hidden', !at.shows(axis.travel));
    const set = (id, attributes) => setAttributes(svg.querySelector(id), attributes);
    set('#live-dot', { cx: x, cy: y });
    set('#live-ghost', { cx: x, cy: ghost, visibility: Math.abs(ghost - y) > 1 ? 'visible' : 'hidden' });
    set('#live-drop', { d: `M${x} ${y}V${at.top + at.height}` });
    const isRight = x > at.left + at.width * 0.6;
    set('#live-text', { x: x + (isRight ? -12 : 12), y: isRight || y > at.top + at.height - 40 ? Math.max(at.top + 12, y - (isRight ? 12 : 24)) : y + 22, 'text-anchor': isRight ? 'end' : 'start' });
    setText(svg.querySelector('#live-text'), `travel ${axis.words.travel}, sent ${axis.words.sent === 'not used' ? axis.words.value : axis.words.sent}`);
}

/** Where a wheel is in the picture of its force. */
function force(axes) {
    const svg = document.getElementById('force');
    const angle = svg ? axes[svg.dataset.force]?.angle : undefined;
    if (angle !== undefined) {
        const [left, width, reach] = ['left', 'width', 'reach'].map((name) => Number(svg.dataset[name]));
        const x = left + width * (0.5 + Math.max(-reach, Math.min(reach, angle)) / (2 * reach));
        setAttributes(svg.querySelector('[data-force-now]'), { transform: `translate(${x} 0)`, visibility: 'visible' });
    }
}

/** Two axes against each other: the ring is where the hand is, the dot what is sent. */
function pair(svg, a, b, axes) {
    const [size, margin] = [Number(svg.dataset.size), Number(svg.dataset.margin)];
    const x = (part) => margin + size * part;
    const y = (part) => margin + size * (svg.dataset.stick === '1' ? part : 1 - part);
    svg.querySelector('#two-live').removeAttribute('hidden');
    setAttributes(svg.querySelector('#two-hand'), { cx: x(a.travel), cy: y(b.travel) });
    setAttributes(svg.querySelector('#two-sent'), { cx: x(a.sent ?? a.value), cy: y(b.sent ?? b.value) });
    draw(svg.querySelector('#two-trail'), x(a.travel), y(b.travel));
    const said = (axis) => `travel ${axis.words.travel}, sent ${axis.words.sent === 'not used' ? axis.words.value : axis.words.sent}`;
    const built = JSON.parse(svg.dataset.built).filter(([ref]) => axes[ref]).map(([ref, name]) => ` · ${name}: ${axes[ref].words.travel}`);
    setText(document.getElementById('two-words'), `${svg.dataset.nameA}: ${said(a)} · ${svg.dataset.nameB}: ${said(b)}${built.join('')}`);
}

function states(detail) {
    for (const state of document.querySelectorAll('[data-stop-state]')) {
        const isOpen = detail.stops.includes(state.dataset.stopState);
        setText(state, isOpen ? 'open' : 'shut');
        state.closest('.handle').classList.toggle('is-open', isOpen);
    }
    const closed = new Set(detail.closed);
    for (const element of document.querySelectorAll('[data-closes]')) {
        element.classList.toggle('is-closed', closed.has(element.dataset.closes));
    }
    for (const element of document.querySelectorAll('[data-made-state]')) {
        element.closest('.part').classList.toggle('is-closed', closed.has(element.dataset.madeState));
    }
}

function keep(detail, axis) {
    const stops = [...document.querySelectorAll('#plot [data-stop]')].map((handle) => handle.dataset.stop);
    past.push({ t: detail.now, value: axis.value, sent: axis.sent ?? axis.value, open: detail.stops.some((stop) => stops.includes(stop)) });
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
    const svg = document.getElementById('plot') ?? document.getElementById('two');
    if (!svg || !detail.axes) {
        return;
    }
    const about = svg.dataset.axis ?? svg.dataset.a;
    const key = svg.id + about + (svg.dataset.across ?? '');
    if (shown !== key) {
        shown = key;
        past = [];
        trail = [];
    }
    states(detail);
    force(detail.axes);
    const axis = detail.axes[about];
    if (axis) {
        keep(detail, axis);
        if (svg.id === 'plot') {
            point(svg, axis);
        } else if (detail.axes[svg.dataset.b]) {
            pair(svg, axis, detail.axes[svg.dataset.b], detail.axes);
        }
    }
});

/** A form that means "here" is told where the hand is as it is sent. */
document.addEventListener('submit', (event) => {
    for (const field of event.target.querySelectorAll('[data-live-travel]')) {
        const axis = live.picture?.axes?.[field.dataset.liveTravel];
        if (axis) {
            field.value = axis.travel;
        }
    }
}, true);

drawWhile(() => document.getElementById('strip') !== null && past.length > 0 && live.now() - past.at(-1).t < SPAN, strip);
