import { live } from './live.js';
import { railOf } from './rails.js';

/** What is known of a drawn control: the ports it reports through, and where a hand has left it. */

/** Ports of the buttons that stay down until the next time. */
export const latched = new Set();

export const all = (root, selector) => root.querySelectorAll(selector);
export const ports = (text) => text.split(' ');
export const hand = (port) => live.hands[port] ?? 0;
/** A lever, a slider or one axis of a stick. */
export const rail = (work) => railOf({ ...work.dataset });

/** Where the hand has left an axis that trembles round it, by port. */
export const held = {};

/** 1 up, 0 middle, -1 down. */
export const thrown = (work) => { const [up, down] = ports(work.dataset.throw); return hand(up) - hand(down); };

/** Index of the position that a dial points at. */
export const dialled = (work) => Math.max(0, ports(work.dataset.dial).findIndex((port) => hand(port) === 1));
