import { all, dialled, hand, latched, ports, rail, thrown } from './controls.js';
import { setAttributes, setText } from './dom.js';
import { live } from './live.js';
import { place, turned } from './rails.js';

/** Draws every control of every faceplate as the hands have left it. */

function paintFace(face) {
    face.classList.toggle('is-unplugged', live.picture?.unplugged.includes(face.dataset.face) ?? false);
    for (const work of all(face, '[data-rail]')) {
        const r = rail(work);
        const reading = live.hands[r.port] ?? r.rest;
        const at = place(r, reading);
        setAttributes(work.querySelector('.grip'), { transform: r.degrees ? `rotate(${turned(r, reading)})` : r.across ? `translate(${at} 0)` : `translate(0 ${at})` });
        setAttributes(work, { 'aria-valuenow': reading });
        const words = live.picture?.axes[r.port]?.words.travel;
        if (words) {
            setAttributes(work, { 'aria-valuetext': words });
        }
    }
    // As bright as the device is set, and of that as bright as the rule says.
    const dimmed = JSON.parse(document.body.dataset.brightness ?? '{}')[face.dataset.face] ?? 1;
    for (const lamp of all(face, '[data-lamp]')) {
        const [colour, ...rest] = String(live.picture?.lamps?.[lamp.dataset.lamp] ?? '').split(' ');
        const bright = Number(rest.find((word) => /^\d+$/.test(word)) ?? 100);
        lamp.classList.toggle('is-lit', colour !== '');
        lamp.classList.toggle('is-flashing', rest.includes('fast'));
        lamp.classList.toggle('is-flashing-slowly', rest.includes('slow'));
        lamp.classList.toggle('is-flashing-twice', rest.includes('twice'));
        setAttributes(lamp, { 'data-colour': ['', '1', 'lit'].includes(colour) ? lamp.dataset.usual : colour, 'fill-opacity': colour === '' ? 1 : 0.25 + (0.75 * dimmed * bright) / 100 });
    }
    for (const pad of all(face, '[data-pad]')) {
        const [x, y] = [pad.dataset.x, pad.dataset.y].map((ref) => rail(face.querySelector(`[data-axis="${ref}"]`)));
        setAttributes(pad.querySelector('.pad__dot'), { transform: `translate(${place(x, live.hands[x.port] ?? x.rest)} ${place(y, live.hands[y.port] ?? y.rest)})` });
    }
    for (const work of all(face, '[data-press]')) {
        const port = ports(work.dataset.press).at(-1);
        work.classList.toggle('is-closed', hand(port) === 1);
        work.classList.toggle('is-latched', latched.has(port));
        setAttributes(work, { 'aria-pressed': hand(port) === 1 });
    }
    const tiles = live.picture?.tiles ?? {};
    for (const work of all(face, '[data-locks]')) {
        const isOn = tiles[work.dataset.locks]?.on ?? false;
        work.classList.toggle('is-on', isOn);
        setAttributes(work, { 'aria-pressed': isOn });
    }
    for (const text of all(face, '[data-next]')) {
        const next = tiles[text.dataset.next]?.next ?? '';
        const most = Number(text.dataset.most ?? Infinity);
        const words = next === '' ? '' : `› ${next}`;
        setText(text, words.length > most ? `${words.slice(0, most - 1)}…` : words);
        text.toggleAttribute('hidden', next === '');
    }
    for (const work of all(face, '[data-flip]')) {
        const up = hand(work.dataset.flip) === 1;
        work.classList.toggle('is-closed', up);
        setAttributes(work, { 'aria-checked': up });
        setAttributes(work.querySelector('.knob'), { cy: up ? -40 : 40 });
    }
    for (const work of all(face, '[data-throw]')) {
        const position = thrown(work);
        work.classList.toggle('is-closed', position !== 0);
        setAttributes(work, { 'aria-valuenow': position });
        setAttributes(work, { 'aria-valuetext': ['down', 'middle', 'up'][position + 1] });
        setAttributes(work.querySelector('.knob'), { cy: -40 * position });
    }
    for (const work of all(face, '[data-dial]')) {
        const list = ports(work.dataset.dial);
        const position = dialled(work);
        setAttributes(work, { 'aria-valuenow': position + 1 });
        setAttributes(work, { 'aria-valuetext': `at ${position + 1}` });
        setAttributes(work.querySelector('.needle'), { transform: `rotate(${Number(work.dataset.spread) * (position - (list.length - 1) / 2)})` });
    }
    for (const encoder of all(face, '[data-encoder]')) {
        const places = [...all(encoder, '[data-place]')];
        const at = places.findIndex((one) => live.picture?.closed.includes(one.dataset.contact));
        places.forEach((one, i) => one.classList.toggle('is-closed', i === at));
        if (at >= 0) {
            setAttributes(encoder, { 'aria-valuenow': at + 1, 'aria-valuetext': `place ${at + 1} of ${places.length}` });
        }
    }
    for (const hat of all(face, '[data-hat]')) {
        const value = live.hands[hat.dataset.hat] ?? -1;
        const angle = (value * Math.PI) / 4;
        setAttributes(hat.querySelector('.knob'), { transform: value < 0 ? '' : `translate(${22 * Math.sin(angle)} ${-22 * Math.cos(angle)})` });
        for (const work of all(hat, '[data-way]')) {
            const closed = live.picture?.closed.includes(work.dataset.contact) ?? false;
            work.classList.toggle('is-closed', closed);
            setAttributes(work, { 'aria-pressed': closed });
        }
    }
}

/** What tiles show of the game: texts with values in them, and bars. */
function paintTexts(variables) {
    for (const text of all(document, '[data-text]')) {
        setText(text, text.dataset.text.replace(/\{([^}]+)\}/g, (whole, name) => variables[name]?.words ?? '–'));
    }
    for (const bar of all(document, '[data-bar]')) {
        const value = variables[bar.dataset.bar]?.value;
        const [from, to, whole] = ['from', 'to', 'whole'].map((name) => Number(bar.dataset[name]));
        setAttributes(bar, { width: value === undefined || to === from ? 0 : whole * Math.max(0, Math.min(1, (value - from) / (to - from))) });
    }
}

let waiting = false;
export function paint() {
    if (!waiting) {
        waiting = true;
        requestAnimationFrame(() => {
            waiting = false;
            all(document, '[data-face]').forEach(paintFace);
        });
    }
}

document.addEventListener('live:answer', ({ detail }) => {
    paint();
    detail.variables && paintTexts(detail.variables);
    for (const element of all(document, '[data-show]')) {
        const axis = detail.axes[element.dataset.show];
        if (axis) {
            setText(element, element.dataset.part === 'reading' ? axis.reading : axis.words[element.dataset.part]);
        }
    }
});
document.addEventListener('page:changed', paint);
