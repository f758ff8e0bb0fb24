/** The wires of the loom: control on the faceplate, its row, its action. Picking any of the three lights all three. */
const NS = 'http://www.w3.org/2000/svg';
let hovered = null;
let asked = false;

function wire(from, to, isPicked) {
    const path = document.createElementNS(NS, 'path');
    const bend = Math.max(24, (to.x - from.x) * 0.45);
    path.setAttribute('d', `M${from.x} ${from.y}C${from.x + bend} ${from.y} ${to.x - bend} ${to.y} ${to.x} ${to.y}`);
    path.setAttribute('class', isPicked ? 'wire is-picked' : 'wire');

    return path;
}

const within = (rect, frame) => rect.top + rect.height / 2 >= frame.top && rect.top + rect.height / 2 <= frame.bottom;

function draw() {
    asked = false;
    const loom = document.getElementById('loom');
    const svg = document.getElementById('wires');
    if (!loom || !svg) {
        return;
    }
    const origin = loom.getBoundingClientRect();
    const frame = document.getElementById('comb-scroll').getBoundingClientRect();
    const head = loom.querySelector('.comb thead').getBoundingClientRect();
    const list = document.getElementById('action-list')?.getBoundingClientRect();
    const at = (x, y) => ({ x: x - origin.left, y: y - origin.top });
    const plain = [];
    const picked = [];
    for (const row of loom.querySelectorAll('.comb tbody tr')) {
        const rect = row.getBoundingClientRect();
        if (!within(rect, { top: head.bottom - 4, bottom: frame.bottom })) {
            continue;
        }
        const middle = rect.top + rect.height / 2;
        const rowPicked = row.classList.contains('is-picked') || row.dataset.row === hovered;
        const control = loom.querySelector(`[data-control="${CSS.escape(row.dataset.control)}"].control`);
        if (control && (rowPicked || row.querySelector('.cell:not(.cell--fall)'))) {
            const own = control.querySelector(`[data-contact="${CSS.escape(row.dataset.row)}"], [data-axis="${CSS.escape(row.dataset.row)}"]`) ?? control;
            const body = (own.querySelector('.slot, .cap, .wedge') ?? (own.matches('text') ? own : control.querySelector('.cap')) ?? own).getBoundingClientRect();
            (rowPicked ? picked : plain).push(wire(at(body.right - 2, body.top + body.height / 2), at(frame.left, middle), rowPicked));
        }
        for (const cell of row.querySelectorAll('[data-action]')) {
            const action = loom.querySelector(`.action[data-action="${CSS.escape(cell.dataset.action)}"]`);
            const target = action?.getBoundingClientRect();
            if (!target || target.height === 0 || !within(target, list)) {
                continue;
            }
            const isPicked = cell.classList.contains('is-picked') || rowPicked || action.dataset.action === hovered;
            (isPicked ? picked : plain).push(wire(at(frame.right, middle), at(target.left + 6, target.top + target.height / 2), isPicked));
        }
    }
    svg.setAttribute('viewBox', `0 0 ${origin.width} ${origin.height}`);
    svg.replaceChildren(...plain, ...picked);
    for (const control of loom.querySelectorAll('.control')) {
        control.classList.toggle('is-lit', loom.querySelector(`.comb tr.is-picked[data-control="${CSS.escape(control.dataset.control)}"]`) !== null);
    }
}

function ask() {
    if (!asked) {
        asked = true;
        requestAnimationFrame(draw);
    }
}

/** What was picked comes into view, in the table and among the actions. */
function bring() {
    for (const picked of document.querySelectorAll('#loom .action.is-picked, #loom .comb tr.is-picked')) {
        picked.scrollIntoView({ block: 'nearest' });
    }
    ask();
}

document.addEventListener('page:changed', bring);
for (const name of ['page:changed', 'loom:redraw']) {
    document.addEventListener(name, ask);
}
window.addEventListener('resize', ask);
document.addEventListener('scroll', ask, true);
document.fonts?.ready.then(ask);
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
        submit('drag-assign', { layer, ref, action: b.action });
    } else if (from.cell && to.cell && from.cell !== to.cell) {
        const [layer, ref] = split(from.cell);
        const [toLayer, toRef] = split(to.cell);
        submit('drag-cell', { how: event.ctrlKey ? 'copy' : event.altKey ? 'swap' : 'move', layer, ref, to_layer: toLayer, to_ref: toRef });
    }
}

document.addEventListener('pointerdown', (down) => {
    const from = down.button === 0 && down.target.closest?.('.comb, .loom__actions') ? endOf(down.target) : null;
    if (!from || (!from.cell && !from.action)) {
        return;
    }
    let drawn = null;
    const loom = document.getElementById('loom');
    const move = (event) => {
        if (!drawn && Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) < FAR) {
            return;
        }
        const origin = loom.getBoundingClientRect();
        drawn?.remove();
        drawn = wire({ x: down.clientX - origin.left, y: down.clientY - origin.top }, { x: event.clientX - origin.left, y: event.clientY - origin.top }, true);
        drawn.classList.add('wire--drawn');
        document.getElementById('wires').append(drawn);
        document.querySelector('.is-target')?.classList.remove('is-target');
        endOf(document.elementFromPoint(event.clientX, event.clientY))?.element.classList.add('is-target');
    };
    const stop = (event) => {
        document.removeEventListener('pointermove', move);
        document.removeEventListener('pointerup', stop);
        document.removeEventListener('pointercancel', stop);
        document.querySelector('.is-target')?.classList.remove('is-target');
        if (!drawn) {
            return;
        }
        drawn.remove();
        const to = event.type === 'pointerup' ? endOf(document.elementFromPoint(event.clientX, event.clientY)) : null;
        // The click that ends a drag is none.
        document.addEventListener('click', (click) => { click.preventDefault(); click.stopPropagation(); }, { capture: true, once: true });
        setTimeout(() => document.dispatchEvent(new Event('loom:redraw')), 0);
        if (to) {
            join(from, to, event);
        }
    };
    document.addEventListener('pointermove', move);
    document.addEventListener('pointerup', stop);
    document.addEventListener('pointercancel', stop);
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
    const field = button && document.querySelector('.does [name="number"]');
    if (field) {
        const fields = field.closest('details');
        fields.open = true;
        const kind = fields.querySelector('[name="does"]');
        kind.value = [...kind.options].some((option) => option.value === 'axis') ? 'axis' : 'button';
        field.value = button.dataset.number;
        field.focus();
    }
});

bring();
