import { already, known } from './already.js';
import { Strokes } from './strokes.js';

/** A key is pressed instead of looked up: with its modifiers, a modifier alone, or a media key. */
const strokes = new Strokes();
/** A stroke that does something already was pressed once. */
let once = '';

const option = (select, code) => [...select.options].find(({ value }) => value === code);
const label = (select, codes) => codes.map((code) => option(select, code)?.text ?? code).join('+');

/** The boxes of what is held with it stand in the same form; one that is not there is made like the others. */
function hold(select, codes) {
    const name = `${select.name.replace(/code(?=\]?$)/, 'with')}[]`;
    const boxes = () => [...select.form.querySelectorAll('input[type=checkbox]')].filter((box) => box.name === name);
    for (const code of codes.filter((one) => !boxes().some(({ value }) => value === one))) {
        const like = boxes()[0]?.closest('label');
        if (like) {
            const fresh = like.cloneNode(true);
            Object.assign(fresh.querySelector('input'), { value: code });
            fresh.querySelector('span').textContent = option(select, code)?.text ?? code;
            like.parentElement.append(fresh);
        }
    }
    for (const box of boxes()) {
        box.checked = codes.includes(box.value);
    }
}

/** A media key is another kind of output: the form turns to it. */
function turnToMedia(select, usage) {
    const field = [...select.form.querySelectorAll('select')].find((one) => one.name.endsWith('[usage]'));
    const kinds = select.form.querySelector('[data-kinds-of]');
    const kind = field?.closest('[data-kinds]')?.dataset.kinds;
    if (!kind || !kinds || ![...field.options].some(({ value }) => value === usage)) {
        return false;
    }
    field.value = usage;
    kinds.value = kind;
    kinds.dispatchEvent(new Event('change', { bubbles: true }));

    return true;
}

/** @param {{select: () => ?any, take: (code: string) => void, say: (text: string) => void, show: (text: string) => void, close: () => void}} asked */
export function takeKeys({ select, take, say, show, close }) {
    async function stroke(codes) {
        const it = select();
        const { media } = await already();
        const key = codes[codes.length - 1];
        if (media[key] !== undefined) {
            if (turnToMedia(it, String(media[key]))) {
                close();
            } else {
                say('A media key cannot be sent from here.');
            }

            return;
        }
        if (!option(it, key)) {
            say('This key has no name that a game could know. Press another.');

            return;
        }
        const held = codes.slice(0, -1);
        const words = known('key', codes.join('+'));
        if (words !== '' && once !== codes.join('+')) {
            once = codes.join('+');
            show(label(it, codes));
            say(`${label(it, codes)}: ${words}. Press it again and it is taken all the same.`);

            return;
        }
        once = '';
        hold(it, held);
        if (it.value === key) {
            // Only what is held with it is another.
            close();
            it.dispatchEvent(new Event('change', { bubbles: true }));
        } else {
            take(key);
        }
    }

    // Before the keyboard that works the rig.
    for (const type of ['keydown', 'keyup']) {
        window.addEventListener(type, (event) => {
            if (select() === null) {
                strokes.clear();
                once = '';

                return;
            }
            event.preventDefault();
            event.stopImmediatePropagation();
            const codes = strokes.take(event);
            if (codes !== null) {
                stroke(codes);
            }
        }, true);
    }
}
