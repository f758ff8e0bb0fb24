/**
 * How a lever, a slider or one axis of a stick is drawn: which place stands for which reading, and the other way
 * round.
 */

/**
 * @typedef {{port: string, min: number, max: number, rest: number, half: number, across: boolean, degrees: ?number,
 *   jumps: number, down: boolean, springs: boolean}} Rail
 *   readings from `min` to `max`, drawn from -half to half; `degrees` of a wheel, `jumps` of a switch on an axis
 */

export const clamp = (value, low, high) => Math.min(high, Math.max(low, value));

/**
 * @param {Record<string, ?string>} said what the drawing says of it
 * @returns {Rail}
 */
export const railOf = (said) => ({
    port: said.axis ?? '',
    min: Number(said.from ?? said.min),
    max: Number(said.to ?? said.max),
    rest: Number(said.rest),
    half: Number(said.half),
    across: said.rail === 'across',
    degrees: said.rail === 'round' ? Number(said.degrees) : null,
    jumps: Number(said.jumps ?? 0),
    down: 'down' in said,
    springs: 'springs' in said,
});

const fraction = (r, reading) => (reading - r.min) / (r.max - r.min);

/** A switch on an axis stands only at its positions. */
const snapped = (r, part) => (r.jumps > 1 ? Math.round(part * (r.jumps - 1)) / (r.jumps - 1) : part);

/** Where on the drawing a reading stands. */
export const place = (r, reading) => (r.across || r.down ? 1 : -1) * (2 * fraction(r, reading) - 1) * r.half;

/** The reading that a place on the drawing gives. */
export const toReading = (r, at) => {
    const part = clamp(((r.across || r.down ? at : -at) + r.half) / (2 * r.half), 0, 1);

    return Math.round(r.min + snapped(r, part) * (r.max - r.min));
};

/** How far a wheel is turned, in degrees from its middle. */
export const turned = (r, reading) => (fraction(r, reading) - 0.5) * r.degrees;
