import { onDrag } from './drag.js';

/** The wires of the loom: control on the faceplate, its row, its action. Picking any of the three lights all three. */
const NS = 'http://www.w3.org/2000/svg';
let hovered = null;
let asked = false;

const curve = (from, to) => {
    const bend = Math.max(24, (to.x - from.x) * 0.45);

    return `M${from.x} ${from.y}C${from.x + bend} ${from.y} ${to.x - bend} ${to.y} ${to.x} ${to.y}`;
};

function wire(path, isPicked) {
    const element = document.createElementNS(NS, 'path');
    element.setAttribute('class', isPicked ? 'wire is-picked' : 'wire');
    element.setAttribute('d', path);

    return element;
}

const within = (y, top, bottom) => y >= top && y <= bottom;

/** Where everything lies, read once for a page and a size; scrolling only shifts it. */
let lie = null;

function measure() {
    const loom = document.getElementById('loom');
    const comb = document.getElementById('comb-scroll');
    const list = document.getElementById('action-list');
    const origin = loom.getBoundingClientRect();
    const [frame, head, shown] = [comb.getBoundingClientRect(), loom.querySelector('.comb thead th').getBoundingClientRect(), list?.getBoundingClientRect()];
    const controls = new Map([...loom.querySelectorAll('.control[data-control]')].map((control) => [control.dataset.control, control]));
    const actions = new Map([...loom.querySelectorAll('.action[data-action]')].map((action) => {
        const { left, top, height } = action.getBoundingClientRect();

        return [action.dataset.action, { x: left - origin.left + 6, y: top - origin.top + height / 2, isThere: height > 0 }];
    }));
    const rows = [...loom.querySelectorAll('.comb tbody tr')].map((row) => {
        const { top, height } = row.getBoundingClientRect();
        const control = controls.get(row.dataset.control);
        const own = control?.querySelector(`[data-contact="${CSS.escape(row.dataset.row)}"], [data-axis="${CSS.escape(row.dataset.row)}"]`) ?? control;
        const body = own && (own.querySelector('.slot, .cap, .wedge') ?? (own.matches('text') ? own : control.querySelector('.cap')) ?? own).getBoundingClientRect();

        return {
            row,
            y: top - origin.top + height / 2,
            at: body && { x: body.right - 2 - origin.left, y: body.top + body.height / 2 - origin.top },
            says: row.querySelector('.cell:not(.cell--fall)') !== null,
            ends: [...row.querySelectorAll('[data-action]')].map((cell) => ({ cell, action: cell.dataset.action, to: actions.get(cell.dataset.action) })),
        };
    });
    lie = {
        comb, list, rows, controls,
        scrolled: [comb.scrollTop, list?.scrollTop ?? 0],
        frame: { left: frame.left - origin.left, right: frame.right - origin.left, top: head.bottom - 4 - origin.top, bottom: frame.bottom - origin.top },
        shown: shown && { top: shown.top - origin.top, bottom: shown.bottom - origin.top },
    };
    document.getElementById('wires').setAttribute('viewBox', `0 0 ${origin.width} ${origin.height}`);
    for (const [ref, control] of controls) {
        control.classList.toggle('is-lit', loom.querySelector(`.comb tr.is-picked[data-control="${CSS.escape(ref)}"]`) !== null);
    }
}

function draw() {
    asked = false;
    const svg = document.getElementById('wires');
    if (!document.getElementById('loom') || !svg) {
        return;
    }
    if (lie === null || !lie.comb.isConnected) {
        measure();
    }
    const { frame, shown, rows } = lie;
    const [down, along] = [lie.comb.scrollTop - lie.scrolled[0], (lie.list?.scrollTop ?? 0) - lie.scrolled[1]];
    const plain = [];
    const picked = [];
    for (const { row, y, at, says, ends } of rows) {
        const middle = y - down;
        if (!within(middle, frame.top, frame.bottom)) {
            continue;
        }
        const rowPicked = row.classList.contains('is-picked') || row.classList.contains('is-told') || row.dataset.row === hovered;
        if (at && (rowPicked || says)) {
            (rowPicked ? picked : plain).push(curve(at, { x: frame.left, y: middle }));
        }
        for (const { cell, action, to } of ends) {
            if (to?.isThere && shown && within(to.y - along, shown.top, shown.bottom)) {
                (cell.classList.contains('is-picked') || rowPicked || action === hovered ? picked : plain).push(curve({ x: frame.right, y: middle }, { x: to.x, y: to.y - along }));
            }
        }
    }
    svg.replaceChildren(wire(plain.join(''), false), ...picked.map((path) => wire(path, true)));
}

/** Something has moved otherwise than by scrolling. */
function askAnew() {
    lie = null;
    ask();
}

function ask() {
    if (!asked) {
        asked = true;
        requestAnimationFrame(draw);
    }
}

/** Scrolls a list, and never the page, so that a row of it is seen. */
function reveal(list, row) {
    const [frame, box] = [list.getBoundingClientRect(), row.getBoundingClientRect()];
    const top = frame.top + (list.querySelector('thead')?.offsetHeight ?? 0);
    list.scrollTop += Math.min(0, box.top - top) || Math.max(0, box.bottom - frame.bottom);
}

/** Which side of a face was shown. */
let faced = null;

/** What was picked comes into view, in the table and among the actions; else what is drawn on a side of a face that was not shown before. */
function bring() {
    const picked = document.querySelectorAll('#loom .action.is-picked, #loom .comb tr.is-picked');
    for (const one of picked) {
        reveal(one.closest('#comb-scroll, #action-list'), one);
    }
    const comb = document.getElementById('comb-scroll');
    const face = document.querySelector('#loom .pages [aria-current]')?.href;
    if (comb && face && face !== faced && picked.length === 0) {
        const first = [...comb.querySelectorAll('tbody tr')].find((row) => document.querySelector(`#loom .control[data-control="${CSS.escape(row.dataset.control)}"]`));
        comb.scrollTop = first ? first.offsetTop - comb.querySelector('thead').offsetHeight : 0;
    }
    faced = face ?? null;
    askAnew();
}

/** Whatever changes its size moves ends of wires: what is told comes later, the head of the comb wraps, fields open. */
const sizes = new ResizeObserver(askAnew);
function watch() {
    sizes.disconnect();
    for (const part of document.querySelectorAll('#loom, #loom > *, #loom > * > *, #loom .comb, #loom .comb thead, #loom .comb tbody, #action-list > *, #loom .face svg')) {
        sizes.observe(part);
    }
}

document.addEventListener('page:changed', () => {
    bring();
    watch();
});
document.addEventListener('loom:redraw', askAnew);
window.addEventListener('resize', askAnew);
/** Another scrolled thing than the two lists, such as the faceplate, moves ends of wires. */
document.addEventListener('scroll', ({ target }) => (target.id === 'comb-scroll' || target.id === 'action-list' ? ask() : askAnew()), true);
document.addEventListener('toggle', askAnew, true);
document.fonts?.ready.then(askAnew);
document.addEventListener('pointerover', (event) => {
    const over = event.target.closest?.('.comb tr[data-row], .action[data-action]');
    const next = over?.dataset.row ?? over?.dataset.action ?? null;
    if (next !== hovered && document.getElementById('loom')) {
        hovered = next;
        ask();
    }
});
/**
 * A wire is drawn by hand: from a cell or a control to an action, or the other way; from a cell to another cell it is moved,
 * with Ctrl copied, with Alt swapped. The forms that are sent are in the page.
 */
const FAR = 6;
const endOf = (target) => {
    const cell = target?.closest?.('.comb [data-cell]');
    if (cell) {
        return { cell: cell.dataset.cell, element: cell };
    }
    const row = target?.closest?.('.comb tr[data-row]');
    if (row) {
        return { ref: row.dataset.row, element: row };
    }
    const action = target?.closest?.('.action[data-action]');
    if (action) {
        return { action: action.dataset.action, element: action };
    }
    const part = target?.closest?.('#loom [data-contact], #loom [data-axis]');

    return part ? { ref: part.dataset.contact ?? part.dataset.axis, element: part } : null;
};

const split = (cell) => [cell.slice(0, cell.indexOf('/')), cell.slice(cell.indexOf('/') + 1)];

function submit(id, values) {
    const form = document.getElementById(id);
    for (const [name, value] of Object.entries(values)) {
        form.elements[name].value = value;
    }
    form.requestSubmit();
}

function join(from, to, event) {
    const [a, b] = from.action ? [to, from] : [from, to];
    if (b.action && !a.action) {
        const [layer, ref] = a.cell ? split(a.cell) : [document.querySelector('.layer.is-live')?.dataset.layer ?? 'base', a.ref];
        submit('drag-assign', { layer, ref, 'output[action]': b.action });
    } else if (from.cell && to.cell && from.cell !== to.cell) {
        const [layer, ref] = split(from.cell);
        const [toLayer, toRef] = split(to.cell);
        submit('drag-cell', { how: event.ctrlKey ? 'copy' : event.altKey ? 'swap' : 'move', layer, ref, to_layer: toLayer, to_ref: toRef });
    }
}

onDrag((down) => {
    // A finger scrolls; wires are drawn with a mouse or a pen.
    const from = down.pointerType !== 'touch' && down.target.closest('.comb, .loom__actions') ? endOf(down.target) : null;
    if (!from || (!from.cell && !from.action)) {
        return null;
    }
    let drawn = null;
    const loom = document.getElementById('loom');
    const unmark = () => document.querySelector('.is-target')?.classList.remove('is-target');
    const letGo = () => {
        unmark();
        drawn?.remove();
    };

    return {
        far: FAR,
        move: (event) => {
            const origin = loom.getBoundingClientRect();
            drawn?.remove();
            drawn = wire(curve({ x: down.clientX - origin.left, y: down.clientY - origin.top }, { x: event.clientX - origin.left, y: event.clientY - origin.top }), true);
            drawn.classList.add('wire--drawn');
            document.getElementById('wires').append(drawn);
            unmark();
            endOf(document.elementFromPoint(event.clientX, event.clientY))?.element.classList.add('is-target');
        },
        end: (event, moved) => {
            letGo();
            if (!moved) {
                return;
            }
            const to = endOf(document.elementFromPoint(event.clientX, event.clientY));
            // The click that ends a drag is none.
            const swallow = (click) => { click.preventDefault(); click.stopPropagation(); };
            document.addEventListener('click', swallow, { capture: true, once: true });
            setTimeout(() => { document.removeEventListener('click', swallow, { capture: true }); document.dispatchEvent(new Event('loom:redraw')); }, 30);
            if (to) {
                join(from, to, event);
            }
        },
        cancel: letGo,
    };
});
document.addEventListener('dragstart', (event) => {
    if (event.target.closest?.('.comb, .loom__actions')) {
        event.preventDefault();
    }
});

/** Cells are gone through by the arrow keys; Ctrl+C and Ctrl+X take the picked one, Ctrl+V puts it where the focus is, Delete clears it. */
let taken = null;
document.addEventListener('keydown', (event) => {
    const cell = event.target.closest?.('.comb [data-cell]');
    if (!cell) {
        return;
    }
    const row = cell.parentElement;
    const next = {
        ArrowLeft: cell.previousElementSibling, ArrowRight: cell.nextElementSibling,
        ArrowUp: row.previousElementSibling?.children[cell.cellIndex], ArrowDown: row.nextElementSibling?.children[cell.cellIndex],
    }[event.key];
    const [layer, ref] = split(cell.dataset.cell);
    if (next?.matches('[data-cell]')) {
        event.preventDefault();
        next.querySelector('a').focus();
    } else if (event.key === 'Delete') {
        event.preventDefault();
        submit('drag-cell', { how: 'clear', layer, ref, to_layer: layer, to_ref: ref });
    } else if ((event.ctrlKey || event.metaKey) && ['c', 'x'].includes(event.key.toLowerCase())) {
        event.preventDefault();
        taken = { cell: cell.dataset.cell, how: event.key.toLowerCase() === 'x' ? 'move' : 'copy' };
        document.querySelector('.is-taken')?.classList.remove('is-taken');
        cell.classList.add('is-taken');
    } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'v' && taken && taken.cell !== cell.dataset.cell) {
        event.preventDefault();
        const [fromLayer, fromRef] = split(taken.cell);
        submit('drag-cell', { how: taken.how, layer: fromLayer, ref: fromRef, to_layer: layer, to_ref: ref });
        taken = taken.how === 'copy' ? taken : null;
    }
});

/** A free number that is picked goes into the field. */
document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-number]');
    const field = button && document.querySelector('.does :is([data-kinds="axis"], [data-kinds="button"]) input');
    if (field) {
        const fields = field.closest('details');
        fields.open = true;
        const kind = fields.querySelector('[name="does"]');
        kind.value = field.closest('[data-kinds]').dataset.kinds;
        kind.dispatchEvent(new Event('change', { bubbles: true }));
        field.value = button.dataset.number;
        field.focus();
    }
});

bring();
watch();
