/** Escape twice, soon after each other, ends what takes every key. */
const TWICE_MS = 500;

/** @returns {(event: any) => boolean} is this press the second of two? */
export function escapes() {
    let before = 0;

    return ({ code }) => {
        const isTwice = code === 'Escape' && performance.now() - before < TWICE_MS;
        before = code === 'Escape' ? performance.now() : 0;

        return isTwice;
    };
}
