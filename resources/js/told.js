/** What the checks tell of the set, beside the loom: read after each edit, with the rows and the wires that it is about lit. */
let html = '';
let revision = '';
let lit = null;

const holder = () => document.querySelector('[data-told-of]');

/** Rows, cells and actions that anything is told of are marked; those of the one that is looked at are lit. */
function mark() {
    const all = [...document.querySelectorAll('#told [data-told]')].map((item) => JSON.parse(item.dataset.told));
    const cells = new Set(all.flatMap(({ spots }) => spots));
    for (const cell of document.querySelectorAll('.comb [data-cell]')) {
        cell.classList.toggle('cell--told', cells.has(cell.dataset.cell));
    }
    const rows = new Set((lit?.spots ?? []).map((spot) => spot.slice(spot.indexOf('/') + 1)));
    for (const row of document.querySelectorAll('.comb tr[data-row]')) {
        row.classList.toggle('is-told', rows.has(row.dataset.row));
    }
    for (const action of document.querySelectorAll('.loom__actions [data-action]')) {
        action.classList.toggle('is-told', (lit?.actions ?? []).includes(action.dataset.action));
    }
    document.dispatchEvent(new Event('loom:redraw'));
}

function show() {
    const told = holder();
    if (!told) {
        return;
    }
    told.querySelector('[data-told-list]').innerHTML = html;
    const count = told.querySelectorAll('[data-told]').length;
    const summary = told.querySelector('summary');
    const meant = Number(told.querySelector('[data-meant-count]')?.dataset.meantCount ?? 0);
    summary.textContent = html === '' ? 'Told' : `Told: ${count === 0 ? 'nothing' : count}${meant === 0 ? '' : `, ${meant} meant`}`;
    summary.classList.toggle('is-warning', count > 0);
    mark();
}

async function read() {
    const told = holder();
    if (!told) {
        return;
    }
    const asked = `${document.body.dataset.set} ${document.body.dataset.revision} ${document.body.dataset.program}`;
    show();
    if (asked === revision) {
        return;
    }
    try {
        const response = await fetch(told.dataset.toldOf, { headers: { Accept: 'text/html' } });
        if (response.ok) {
            html = await response.text();
            revision = asked;
            show();
        }
    } catch {
        // The page says itself that the server is gone; what was told stays as it was.
    }
}

for (const type of ['pointerover', 'focusin', 'click']) {
    document.addEventListener(type, (event) => {
        const item = event.target.closest?.('#told [data-told]');
        if (item) {
            lit = JSON.parse(item.dataset.told);
            for (const other of document.querySelectorAll('#told [data-told]')) {
                other.classList.toggle('is-lit', other === item);
            }
            mark();
        }
    });
}

document.addEventListener('page:changed', read);
read();
