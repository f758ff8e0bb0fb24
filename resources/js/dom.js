/** Writes only what differs: a write of the same value still makes the browser lay out and paint again. */
export function setText(element, text) {
    const next = String(text);
    if (element.textContent !== next) {
        element.textContent = next;
    }
}

export function setAttributes(element, attributes) {
    for (const [name, value] of Object.entries(attributes)) {
        const next = String(value);
        if (element.getAttribute(name) !== next) {
            element.setAttribute(name, next);
        }
    }
}
