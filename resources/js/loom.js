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
bring();
