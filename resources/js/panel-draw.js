import { onDrag } from './drag.js';
import { visit } from './edits.js';

/**
 * Drawing a panel: tiles are moved and stretched by mouse, finger or keys, and dragged from the strip onto the page. Where
 * something may lie is said by the server.
 */
const CLICK = 6;

const plateOf = (target) => target.closest?.('[data-panel-draw]');

function send(plate, action, fields) {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = action;
    form.dataset.edit = '';
    form.hidden = true;
    const all = { _token: document.querySelector('meta[name=csrf-token]').content, from: document.body.dataset.revision, device: plate.dataset.device, panel: plate.dataset.panel, onto: plate.dataset.onto, ...fields };
    form.append(...Object.entries(all).map(([name, value]) => Object.assign(document.createElement('input'), { type: 'hidden', name, value })));
    document.body.append(form);
    form.requestSubmit();
    form.remove();
}

/** The cell under a pointer, and how large a cell is, in the units of the drawing. */
function cellAt(plate, event) {
    const svg = plate.querySelector('.panels__grid');
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const [columns, rows] = [Number(plate.dataset.columns), Number(plate.dataset.rows)];
    const { width, height } = svg.viewBox.baseVal;

    return { column: Math.floor((at.x / width) * columns), row: Math.floor((at.y / height) * rows), isOn: at.x >= 0 && at.y >= 0 && at.x < width && at.y < height, w: width / columns, h: height / rows };
}

/** The action of the list that a pointer is over: a tile that is dropped there does it. */
const actionAt = (event) => /** @type {HTMLElement|null} */ (document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-drop-action]') ?? null);

function aim(action) {
    document.querySelectorAll('[data-drop-action].is-target').forEach((one) => one.classList.toggle('is-target', one === action));
    action?.classList.add('is-target');
}

const within = (value, least, most) => Math.max(least, Math.min(most, value));
const figures = (tile) => ['column', 'row', 'across', 'down'].map((name) => Number(tile.dataset[name]));

onDrag((event) => {
    const plate = plateOf(event.target);
    const tile = event.target.closest('[data-draw-tile]');
    if (!plate || !tile) {
        return null;
    }
    event.preventDefault();
    tile.focus({ preventScroll: true });
    const [column, row, across, down] = figures(tile);
    const isCorner = event.target.closest('[data-corner]') !== null;
    const from = cellAt(plate, event);
    let to = null;
    const move = (moved) => {
        const at = cellAt(plate, moved);
        to = isCorner
            ? { across: within(at.column - column + 1, 1, Number(plate.dataset.columns) - column), down: within(at.row - row + 1, 1, Number(plate.dataset.rows) - row) }
            : { column: within(column + at.column - from.column, 0, Number(plate.dataset.columns) - across), row: within(row + at.row - from.row, 0, Number(plate.dataset.rows) - down) };
        const rect = tile.querySelector('rect');
        rect.setAttribute('x', (to.column ?? column) * at.w + 4);
        rect.setAttribute('y', (to.row ?? row) * at.h + 4);
        rect.setAttribute('width', (to.across ?? across) * at.w - 8);
        rect.setAttribute('height', (to.down ?? down) * at.h - 8);
        tile.classList.add('is-dragged');
        aim(isCorner ? null : actionAt(moved));
    };

    return {
        holds: tile,
        far: CLICK,
        move,
        end: (ended, moved) => {
            tile.classList.remove('is-dragged');
            aim(null);
            const action = moved && !isCorner ? actionAt(ended) : null;
            if (action) {
                send(plate, plate.dataset.give, { tile: tile.dataset.drawTile, action: action.dataset.dropAction });
            } else if (!moved) {
                visit(tile.dataset.pick);
            } else if (to) {
                send(plate, isCorner ? plate.dataset.size : plate.dataset.move, { tile: tile.dataset.drawTile, ...to });
            }
        },
        cancel: () => {
            tile.classList.remove('is-dragged');
            aim(null);
        },
    };
}, { before: true });

/** From the strip: dropped on a cell it lies there; a click puts it where there is room. */
onDrag((event) => {
    const button = event.target.closest('[data-tile-kind]');
    const plate = document.querySelector('[data-panel-draw]');
    if (!button || !plate) {
        return null;
    }

    return {
        far: CLICK,
        move: () => document.body.classList.add('is-dropping'),
        end: (dropped, moved) => {
            document.body.classList.remove('is-dropping');
            const at = cellAt(plate, dropped);
            if (moved && at.isOn) {
                send(plate, plate.dataset.add, { kind: button.dataset.tileKind, column: at.column, row: at.row });
            }
        },
        cancel: () => document.body.classList.remove('is-dropping'),
    };
}, { before: true });

/** A value of the game is put into the text at its end, in braces by its name. */
document.addEventListener('change', ({ target }) => {
    const input = target.dataset?.insert ? target.form.elements[target.dataset.insert] : null;
    if (input && target.value !== '') {
        input.value = `${input.value} {${target.value}}`.trim();
        target.value = '';
    }
}, true);

const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

document.addEventListener('keydown', (event) => {
    const tile = event.target.closest?.('[data-draw-tile]');
    const plate = tile && plateOf(tile);
    if (!plate || event.ctrlKey || event.altKey || event.metaKey) {
        return;
    }
    const [column, row, across, down] = figures(tile);
    const by = steps[event.key];
    if (by) {
        event.preventDefault();
        event.stopPropagation();
        send(plate, event.shiftKey ? plate.dataset.size : plate.dataset.move, { tile: tile.dataset.drawTile, ...(event.shiftKey ? { across: Math.max(1, across + by[0]), down: Math.max(1, down + by[1]) } : { column: Math.max(0, column + by[0]), row: Math.max(0, row + by[1]) }) });
    } else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        visit(tile.dataset.pick);
    } else if (event.key === 'Delete') {
        event.preventDefault();
        send(plate, plate.dataset.remove, { tile: tile.dataset.drawTile });
    }
}, true);

/** The code for a phone as a picture: what draws it is fetched when there is one. */
function drawCode() {
    const svg = document.querySelector('[data-qr]');
    if (svg) {
        import('./qr.js').then(({ draw }) => draw(svg));
    }
}
drawCode();
document.addEventListener('page:changed', drawCode);
