/** Key strokes out of keys that go down and up: a key with the modifiers that are held, or a modifier that was pressed alone. */
export const MODIFIERS = ['ShiftLeft', 'ShiftRight', 'ControlLeft', 'ControlRight', 'AltLeft', 'AltRight', 'MetaLeft', 'MetaRight'];

export class Strokes {
    #down = new Set();
    /** A modifier is meant itself if it is let go of before another key comes. */
    #alone = '';

    clear() {
        this.#down.clear();
        this.#alone = '';
    }

    /**
     * @param {any} event of a key
     * @returns {?string[]} codes of the stroke, modifiers first; null if this event ends none
     */
    take({ type, code, repeat }) {
        if (repeat) {
            return null;
        }
        const held = MODIFIERS.filter((one) => this.#down.has(one) && one !== code);
        const isModifier = MODIFIERS.includes(code);
        if (type === 'keyup') {
            const wasAlone = this.#alone === code;
            this.#down.delete(code);
            this.#alone = wasAlone ? '' : this.#alone;

            return wasAlone ? [...held, code] : null;
        }
        this.#down.add(code);
        this.#alone = isModifier ? code : '';

        return isModifier ? null : [...held, code];
    }
}
