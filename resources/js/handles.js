import { onDrag } from './drag.js';
import { pending } from './edits.js';
import { frame } from './plot.js';

/**
 * Handles on the Shape picture: dragged, moved by arrow keys, taken away by Delete. A handle writes into the field that
 * it stands for; while it moves the server is asked what the edit would do, and the lines and sentences show it.
 */
const PREVIEW_MS = 60;
const WAYS = { across: 'travel', up: 'value' };
let held = null;
let later = null;

const plot = () => document.getElementById('plot');
const ways = (handle) => (handle.dataset.moves === 'both' ? ['across', 'up'] : [handle.dataset.moves]);
const fieldOf = (handle, way) => document.querySelector(handle.dataset[`${way}Field`]);
const limits = (handle, way) => [Number(handle.dataset[`${way}From`]), Number(handle.dataset[`${way}To`])];

/** The part of the whole at which a field stands, and the other way round. */
const partOf = (handle, way, figure) => {
    const [from, to] = limits(handle, way);

    return (figure - from) / (to - from);
};
const figureOf = (handle, way, part) => {
    const [from, to] = limits(handle, way);

    return from + (to - from) * part;
};

function write(handle, way, figure) {
    const field = fieldOf(handle, way);
    const clamped = Math.min(Number(field.max), Math.max(Number(field.min), figure));
    field.value = Math.round(10 * clamped) / 10;
    pending.add(field.id);
    pick(field);
    const at = frame(plot());
    const [, dx, dy] = handle.getAttribute('transform').match(/translate\(([-\d.]+) ([-\d.]+)\)/).map(Number);
    const part = partOf(handle, way, Number(field.value));
    handle.setAttribute('transform', way === 'across' ? `translate(${at.x(part)} ${dy})` : `translate(${dx} ${at.y(part)})`);
    handle.setAttribute('aria-valuenow', field.value);
    handle.setAttribute('aria-valuetext', `${field.value} %`);

    return field;
}

/** Some fields only count with a choice beside them. */
function pick(field) {
    const wanted = field.dataset.picks;
    const choice = wanted && field.form.querySelector(`[name="kind"][value="${wanted}"]`);
    if (choice) {
        choice.checked = true;
    }
}

function save(handle) {
    clearTimeout(later);
    const fields = ways(handle).map((way) => fieldOf(handle, way));
    fields[0].form.requestSubmit();
    fields.forEach((field) => pending.delete(field.id));
}

/** The part of the panel that the handle belongs to is unfolded, so that its field is in sight. */
function unfold(handle) {
    const part = fieldOf(handle, ways(handle)[0])?.closest('details.part');
    if (part) {
        part.open = true;
        part.scrollIntoView({ block: 'nearest' });
    }
}

let asked = null;
let asking = false;
async function preview(form) {
    asked = form;
    if (asking) {
        return;
    }
    asking = true;
    while (asked) {
        const data = new FormData(asked);
        data.set('preview', '1');
        data.set('from', document.body.dataset.revision);
        const action = asked.getAttribute('action');
        const says = asked.closest('details')?.id;
        asked = null;
        try {
            const response = await fetch(action, { method: 'POST', body: data, headers: { Accept: 'text/html' } });
            const page = new DOMParser().parseFromString(await response.text(), 'text/html');
            if (held && response.ok && page.getElementById('plot')) {
                for (const line of page.querySelectorAll('#plot [data-line]')) {
                    plot()?.querySelector(`[data-line="${line.dataset.line}"]`)?.setAttribute('d', line.getAttribute('d'));
                }
                const sentence = says && document.querySelector(`#${CSS.escape(says)} .part__says`);
                if (sentence) {
                    sentence.textContent = page.querySelector(`#${CSS.escape(says)} .part__says`)?.textContent ?? '';
                }
            }
        } catch {
            // Only a look ahead: what is let go of is saved, or told, as ever.
        }
        await new Promise((resolve) => { setTimeout(resolve, PREVIEW_MS); });
    }
    asking = false;
}

onDrag((event) => {
    const handle = event.target.closest('[data-handle]');
    if (!handle) {
        return null;
    }
    event.preventDefault();
    handle.focus({ preventScroll: true });
    unfold(handle);
    held = handle;
    const letGo = (moved) => {
        held = asked = null;
        if (moved) {
            save(handle);
        }
    };

    return {
        holds: handle,
        move: (moved) => {
            const svg = plot();
            const at = frame(svg);
            const p = new DOMPoint(moved.clientX, moved.clientY).matrixTransform(svg.getScreenCTM().inverse());
            let field = null;
            for (const way of ways(handle)) {
                const part = Math.min(1, Math.max(0, at[WAYS[way]](way === 'across' ? p.x : p.y)));
                field = write(handle, way, figureOf(handle, way, part));
            }
            preview(field.form);
        },
        end: (_, moved) => letGo(moved),
        cancel: letGo,
    };
});

document.addEventListener('focusin', (event) => {
    const handle = event.target.closest?.('[data-handle]');
    if (handle) {
        unfold(handle);
    }
});
document.addEventListener('keydown', (event) => {
    const handle = event.target.closest?.('[data-handle]');
    if (!handle) {
        return;
    }
    if ((event.key === 'Delete' || event.key === 'Backspace') && handle.dataset.remove) {
        event.preventDefault();
        document.getElementById(handle.dataset.remove)?.requestSubmit();

        return;
    }
    const isBoth = handle.dataset.moves === 'both';
    const towards = { ArrowRight: ['across', 1], ArrowLeft: ['across', -1], ArrowUp: ['up', 1], ArrowDown: ['up', -1] }[event.key];
    if (!towards) {
        return;
    }
    const way = isBoth ? towards[0] : handle.dataset.moves;
    const [from, to] = limits(handle, way);
    event.preventDefault();
    write(handle, way, Number(fieldOf(handle, way).value) + towards[1] * Math.sign(to - from) * (event.shiftKey ? 0.1 : 1));
    clearTimeout(later);
    later = setTimeout(() => save(handle), 350);
});

document.addEventListener('input', (event) => {
    if (event.target.dataset?.picks) {
        pick(event.target);
    }
});

/** A double click on the picture puts a point of the curve there. */
document.addEventListener('dblclick', (event) => {
    const svg = event.target.closest?.('#plot');
    const form = document.querySelector('form.adds');
    if (!svg || !form || event.target.closest('[data-handle]')) {
        return;
    }
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const field = form.querySelector('[data-live-travel]');
    const about = field.dataset.liveTravel;
    delete field.dataset.liveTravel;
    field.value = Math.min(1, Math.max(0, frame(svg).travel(p.x)));
    form.requestSubmit(form.querySelector('[value="point"]'));
    field.dataset.liveTravel = about;
});
