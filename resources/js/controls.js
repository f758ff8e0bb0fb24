import { live } from './live.js';

/** What is known of a drawn control: the ports it reports through, and where a hand has left it. */

/** Ports of the buttons that stay down until the next time. */
export const latched = new Set();

export const all = (root, selector) => root.querySelectorAll(selector);
export const ports = (text) => text.split(' ');
export const hand = (port) => live.hands[port] ?? 0;
export const clamp = (value, low, high) => Math.min(high, Math.max(low, value));

/** A lever, a slider or one axis of a stick. */
export const rail = (work) => ({
    port: work.dataset.axis,
    min: Number(work.dataset.from ?? work.dataset.min),
    max: Number(work.dataset.to ?? work.dataset.max),
    rest: Number(work.dataset.rest),
    half: Number(work.dataset.half),
    across: work.dataset.rail === 'across',
    degrees: work.dataset.rail === 'round' ? Number(work.dataset.degrees) : null,
    jumps: Number(work.dataset.jumps ?? 0),
    down: 'down' in work.dataset,
    springs: 'springs' in work.dataset,
});

const fraction = (r, reading) => (reading - r.min) / (r.max - r.min);

/** A switch on an axis stands only at its positions. */
const snapped = (r, part) => (r.jumps > 1 ? Math.round(part * (r.jumps - 1)) / (r.jumps - 1) : part);

/** Where on the drawing a reading stands, and the reading that a place on the drawing gives. */
export const place = (r, reading) => (r.across || r.down ? 1 : -1) * (2 * fraction(r, reading) - 1) * r.half;
export const toReading = (r, at) => Math.round(r.min + snapped(r, clamp(((r.across || r.down ? at : -at) + r.half) / (2 * r.half), 0, 1)) * (r.max - r.min));

/** How far a wheel is turned, in degrees from its middle. */
export const turned = (r, reading) => (fraction(r, reading) - 0.5) * r.degrees;

/** Where the hand has left an axis that trembles round it, by port. */
export const held = {};

/** 1 up, 0 middle, -1 down. */
export const thrown = (work) => { const [up, down] = ports(work.dataset.throw); return hand(up) - hand(down); };

/** Index of the position that a dial points at. */
export const dialled = (work) => Math.max(0, ports(work.dataset.dial).findIndex((port) => hand(port) === 1));
