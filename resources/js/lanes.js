import { already, nameOfControl } from './already.js';
import { drawWhile, sharp, theme } from './canvas.js';
import { live } from './live.js';

/** Lanes under each other: what you did, layer, what was sent, what the game did; one cursor across all. */
const SPAN = 10_000_000;
const KEPT = 12_000_000;
const GUTTER = 156;
const TITLES = { did: 'What you did', layer: 'Layer', sent: 'What was sent', game: 'What the game did' };
const lanes = new Map();
/** Values that were there when the session began; a lane is opened only once something changes. */
const found = {};
let sentences = [];
let cursor = null;

function lane(group, id, name, low, high, isSteady) {
    const key = `${group} ${id}`;
    if (!lanes.has(key)) {
        lanes.set(key, { group, name, low, high, isSteady, points: [] });
    }

    return lanes.get(key);
}

function put(target, t, value) {
    target.points.push([t, value]);
    target.low = Math.min(target.low, Number(value) || 0);
    target.high = Math.max(target.high, Number(value) || 0);
}

/** Names come with what is known of the set; it is asked for before the first movement. */
const learnNames = () => document.getElementById('lanes') && already();
document.addEventListener('page:changed', learnNames);
learnNames();

const nameOf = (port) => {
    const told = nameOfControl(port);
    if (told !== '') {
        return told;
    }
    const work = document.querySelector(['axis', 'contact', 'encoder', 'flip', 'press'].map((by) => `[data-${by}="${CSS.escape(port)}"][aria-label]`).join(', '));

    return (work?.getAttribute('aria-label') ?? document.querySelector(`[data-variable="${CSS.escape(port.replace('sim/', ''))}"] th`)?.textContent ?? port.split('/')[1]).split(', number')[0].split(', arrow')[0];
};

document.addEventListener('live:input', ({ detail: { port, value, t } }) => {
    const axis = document.querySelector(`[data-axis="${CSS.escape(port)}"]`);
    const hat = document.querySelector(`[data-hat="${CSS.escape(port)}"]`);
    const target = axis ? lane('did', port, nameOf(port), Number(axis.dataset.min), Number(axis.dataset.max), true) : lane('did', port, hat ? 'Hat' : nameOf(port), hat ? -1 : 0, 1, false);
    if (target.points.length === 0 && !axis) {
        put(target, t - 1, hat ? -1 : 1 - value);
    }
    put(target, t, value);
    if (document.querySelector(`[data-encoder="${CSS.escape(port)}"]`)) {
        put(target, t + 30_000, 0);
    }
});

document.addEventListener('live:answer', ({ detail }) => {
    if (!document.getElementById('lanes')) {
        return;
    }
    const layer = lane('layer', 'live', 'Live', 0, 1, true);
    if (layer.points.at(-1)?.[1] !== detail.layer.name) {
        put(layer, detail.sent.findLast((event) => event.kind === 'layer')?.t ?? detail.now, detail.layer.name);
    }
    for (const { t, kind, target, value: said, name } of detail.sent) {
        // A lane of a lamp shows whether it is lit; how, is seen on the device.
        const value = kind === 'lamp' ? Number(said !== 0) : said;
        if (t <= 1) {
            found[`${kind} ${target}`] = value;
        } else if (kind !== 'layer') {
            const to = lane('sent', `${kind} ${target}`, name, 0, kind === 'axis' ? 65535 : 1, kind === 'axis' || kind === 'variable');
            if (to.points.length === 0) {
                put(to, t - 1, found[`${kind} ${target}`] ?? (kind === 'axis' || kind === 'variable' ? value : 1 - value));
            }
            put(to, t, value);
        }
    }
    for (const { t, variable, value, name } of detail.game) {
        if (t <= 1) {
            found[variable] = value;
            continue;
        }
        const before = lanes.get(`game ${variable}`);
        const to = lane('game', variable, name, Math.min(0, value), Math.max(1, value), true);
        if (!before) {
            put(to, t - 1, found[variable] ?? Math.max(0, value - 1));
        }
        put(to, t, value);
    }
    for (const [key, { points, group }] of lanes) {
        const old = points.findLastIndex(([t]) => t < detail.now - KEPT);
        if (old > 0) {
            points.splice(0, old);
        }
        if (group !== 'layer' && points.at(-1)[0] < detail.now - KEPT) {
            lanes.delete(key);
        }
    }
    sentences = [...sentences, ...detail.lines].filter((line) => line.t > detail.now - KEPT);
});

function drawLane(context, one, top, height, x, now, width) {
    const colour = theme();
    const bottom = top + height - 5;
    const y = (value) => bottom - ((height - 10) * (value - one.low)) / Math.max(1e-9, one.high - one.low);
    context.strokeStyle = colour[one.group];
    context.lineWidth = 1.5;
    context.beginPath();
    let lastY = null;
    const first = Math.max(0, one.points.findLastIndex(([t]) => x(t) <= GUTTER));
    one.points.slice(first).forEach(([t, value]) => {
        const at = Math.max(GUTTER, x(t));
        if (lastY === null) {
            context.moveTo(GUTTER, y(value));
        }
        context.lineTo(at, lastY ?? y(value));
        lastY = y(value);
        context.lineTo(at, lastY);
    });
    if (lastY !== null) {
        context.lineTo(width, lastY);
    }
    context.stroke();
}

function drawLayers(context, one, top, height, x, now, width) {
    const colour = theme();
    const looks = Object.fromEntries([...document.querySelectorAll('[data-layer-name]')].map((element) => [element.dataset.layerName, /layer--(\d+)/.exec(element.className)?.[1] ?? 0]));
    one.points.forEach(([t, name], i) => {
        const from = i === 0 ? GUTTER : Math.max(GUTTER, x(t));
        const to = i + 1 < one.points.length ? x(one.points[i + 1][0]) : width;
        if (to <= GUTTER) {
            return;
        }
        context.fillStyle = colour[`layer-${looks[name] ?? 0}`];
        context.fillRect(from, top + 4, to - from, height - 8);
        context.fillStyle = colour['on-layer'];
        if (to - from > 30) {
            context.fillText(name, from + 6, top + height / 2 + 4, to - from - 8);
        }
    });
}

function draw() {
    const holder = document.getElementById('lanes');
    if (!holder) {
        return;
    }
    const { context, width, height } = sharp(holder.querySelector('canvas'));
    const colour = theme();
    const now = live.now();
    const x = (t) => GUTTER + (width - GUTTER) * (1 - (now - t) / SPAN);
    const groups = Object.keys(TITLES).map((group) => [group, [...lanes.values()].filter((one) => one.group === group)]);
    const count = groups.reduce((sum, [, list]) => sum + list.length, 0);
    const row = Math.max(15, Math.min(40, (height - 22 - 4 * 20) / Math.max(1, count)));
    context.font = '11px "JetBrains Mono", monospace';
    context.strokeStyle = colour.rule;
    context.fillStyle = colour.soft;
    context.lineWidth = 1;
    for (let s = 0; s <= 10; s++) {
        const at = Math.round(GUTTER + ((width - GUTTER) * s) / 10) - 0.5;
        context.beginPath();
        context.moveTo(at, 18);
        context.lineTo(at, height);
        context.stroke();
        if (s < 10 && s % 2 === 0) {
            context.fillText(`−${10 - s} s`, at + 3, 11);
        }
    }
    if (count <= 1) {
        context.font = '14px "IBM Plex Sans", sans-serif';
        const words = ['Move or press anything on the left:', 'it is drawn here, with what came of it.'];
        const lines = context.measureText(words.join(' ')).width < width - GUTTER - 32 ? [words.join(' ')] : words;
        lines.forEach((line, i) => context.fillText(line, GUTTER + 16, height / 2 + 20 * i));
    }
    let top = 20;
    for (const [group, list] of groups) {
        context.font = '600 11px "IBM Plex Sans Condensed", sans-serif';
        context.fillStyle = colour.soft;
        context.fillText(TITLES[group].toUpperCase(), 4, top + 14);
        top += 19;
        for (const one of list) {
            context.font = '13px "IBM Plex Sans", sans-serif';
            context.fillStyle = colour.ink;
            context.fillText(one.name.length > 25 ? one.name.slice(0, 24) + '…' : one.name, 4, top + row / 2 + 4, GUTTER - 10);
            (group === 'layer' ? drawLayers : drawLane)(context, one, top, row, x, now, width);
            context.strokeStyle = colour.rule;
            context.lineWidth = 1;
            context.beginPath();
            context.moveTo(0, Math.round(top + row) + 0.5);
            context.lineTo(width, Math.round(top + row) + 0.5);
            context.stroke();
            top += row;
        }
    }
    if (cursor !== null && cursor > GUTTER) {
        context.strokeStyle = colour.ink;
        context.setLineDash([3, 3]);
        context.beginPath();
        context.moveTo(cursor, 18);
        context.lineTo(cursor, height);
        context.stroke();
        context.setLineDash([]);
    }
    tip(holder, width, now);
}

function tip(holder, width, now) {
    const box = document.getElementById('lanes-tip');
    const t = cursor === null || cursor <= GUTTER ? null : now - SPAN * (1 - (cursor - GUTTER) / (width - GUTTER));
    const near = t === null ? null : sentences.filter((line) => Math.abs(line.t - t) < 400_000).sort((a, b) => Math.abs(a.t - t) - Math.abs(b.t - t))[0];
    box.hidden = !near;
    if (near) {
        box.textContent = near.parts.join(' → ');
        box.classList.toggle('is-left', cursor > width / 2);
    }
}

document.addEventListener('pointermove', (event) => {
    const canvas = event.target.closest?.('#lanes canvas');
    cursor = canvas ? event.clientX - canvas.getBoundingClientRect().left : null;
});

let touched = 0;
for (const name of ['live:input', 'live:answer', 'page:changed', 'theme:turned']) {
    document.addEventListener(name, () => { touched = performance.now(); });
}
document.addEventListener('pointermove', (event) => { if (event.target.closest?.('#lanes')) { touched = Math.max(touched, performance.now() - SPAN / 1000 + 100); } });
drawWhile(() => document.getElementById('lanes') !== null && performance.now() - touched < KEPT / 1000, draw);
