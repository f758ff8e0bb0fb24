/**
 * What somebody has typed or picked and has not sent yet is kept: while the page is laid anew, while another control is
 * looked at, and until an answer has come. Who leaves with some of it is asked first.
 */

/** @type {Map<string, Map<string, string|boolean>>} by form, then by field */
const kept = new Map();

/** A form is the same if it goes to the same place about the same thing. */
const of = (form) => [form.getAttribute('action'), ...[...form.elements].filter((one) => one.type === 'hidden' && one.name !== '_token' && one.name !== 'from').map((one) => `${one.name}=${one.value}`)].join(' ');

const isTurned = (field) => field.type === 'checkbox' || field.type === 'radio';

function keyOf(field) {
    const alike = [...field.form.elements].filter((one) => one.name === field.name && (!isTurned(field) || one.value === field.value));

    return `${field.name} ${isTurned(field) ? field.value : ''} ${alike.indexOf(field)}`;
}

/** Fields of what changes something; a search, or a form that asks for another view, has nothing to lose. */
const counts = (field) => field instanceof HTMLElement && field.matches('input, select, textarea') && field.form !== null && field.name !== '' && field.form.method === 'post' && !['hidden', 'file', 'search', 'submit'].includes(field.type);

const valueOf = (field) => (isTurned(field) ? field.checked : field.value);

function isAsWritten(field) {
    if (field.tagName === 'SELECT') {
        return [...field.options].every((option, i) => option.selected === (option.defaultSelected || (i === 0 && ![...field.options].some((one) => one.defaultSelected))));
    }

    return isTurned(field) ? field.checked === field.defaultChecked : field.value === field.defaultValue;
}

function note(field) {
    for (const one of field.type === 'radio' ? [...field.form.elements].filter((other) => other.type === 'radio' && other.name === field.name) : [field]) {
        const fields = kept.get(of(one.form)) ?? new Map();
        isAsWritten(one) ? fields.delete(keyOf(one)) : fields.set(keyOf(one), valueOf(one));
        fields.size > 0 ? kept.set(of(one.form), fields) : kept.delete(of(one.form));
    }
}

/** Puts back what was not sent yet. @returns {boolean} was there something? */
export function putBack(field) {
    const fields = counts(field) ? kept.get(of(field.form)) : undefined;
    const value = fields?.get(keyOf(field));
    if (value === undefined) {
        return false;
    }
    isTurned(field) ? field.checked = value : field.value = value;
    if (isAsWritten(field)) {
        note(field);
    }

    return true;
}

/** What a form sends now. @returns {() => void} to be called when it has been taken: that much is no longer unsent */
export function sending(form) {
    const name = of(form);
    const fields = new Map(kept.get(name));

    return () => {
        for (const [key, value] of fields) {
            if (kept.get(name)?.get(key) === value) {
                kept.get(name)?.delete(key);
            }
        }
        if (kept.get(name)?.size === 0) {
            kept.delete(name);
        }
    };
}

for (const type of ['input', 'change']) {
    document.addEventListener(type, ({ target }) => {
        if (counts(target)) {
            note(target);
        }
    }, true);
}

// A form that the browser sends itself leaves the page on purpose.
document.addEventListener('submit', (event) => {
    const form = /** @type {HTMLFormElement} */ (event.target);
    if (!event.defaultPrevented && !form.matches('[data-edit], [data-visit]')) {
        kept.delete(of(form));
    }
});

window.addEventListener('beforeunload', (event) => {
    if (kept.size > 0) {
        event.preventDefault();
    }
});
