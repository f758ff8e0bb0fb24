/** The back of a stand-in: a part of the picture is the button beside it; for how long a write can begin goes down. */

document.addEventListener('click', (event) => {
    const target = /** @type {Element} */ (event.target);
    const part = target.closest?.('[data-press-for]');
    if (part instanceof SVGElement) {
        document.getElementById(part.dataset.pressFor ?? '')?.click();
    }
});

/** When the time that a page was given runs out, by the element that says it. @type {WeakMap<HTMLElement, number>} */
const ends = new WeakMap();

setInterval(() => {
    for (const says of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-open-for]'))) {
        const given = Number(says.dataset.openFor);
        const left = says.querySelector('[data-open-left]');
        if (given === 0 || left === null) {
            ends.delete(says);
            continue;
        }
        // A page that is drawn anew says anew how long it is.
        if (!ends.has(says) || says.dataset.openSeen !== says.dataset.openFor) {
            ends.set(says, performance.now() + 1000 * given);
            says.dataset.openSeen = says.dataset.openFor;
        }
        const seconds = Math.max(0, Math.ceil((Number(ends.get(says)) - performance.now()) / 1000));
        left.textContent = String(seconds);
        document.querySelector('[data-back-lamp]')?.classList.toggle('is-lit', seconds > 0);
        if (seconds === 0) {
            says.textContent = 'No write can begin.';
            says.dataset.openFor = '0';
        }
    }
}, 250);
