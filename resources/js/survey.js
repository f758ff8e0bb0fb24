import { setText } from './dom.js';
import { visit } from './edits.js';
import { live } from './live.js';

/** Trying out, teaching and measuring: the server judges, this shows what it says. */
let phaseFrom = null;
let isDone = null;

function sheet({ sheet: told }) {
    if (!told || document.querySelector('[data-look]')?.dataset.look !== told.device) {
        return;
    }
    const isGood = told.left.length === 0 && told.troubles.length === 0;
    const verdict = document.querySelector('[data-verdict]');
    if (verdict) {
        judged(told, verdict, isGood);
    }
    for (const row of document.querySelectorAll('[data-sheet]')) {
        const input = told.rows[row.dataset.sheet];
        for (const cell of input ? row.querySelectorAll('[data-cell]') : []) {
            setText(cell, cell.dataset.cell === 'seen' ? (input.seen ? '✓ seen' : input.count > 0 ? 'in part' : 'not yet') : input[cell.dataset.cell]);
        }
        row.classList.toggle('is-seen', Boolean(input?.seen));
    }
}

/** What trying out has shown of the whole device. */
function judged(told, verdict, isGood) {
    setText(verdict, told.summary + (told.left.length > 0 && told.seen > 0 && told.left.length <= 6 ? ` Not yet: ${told.left.join(', ')}.` : ''));
    verdict.classList.toggle('verdict--good', isGood);
    const list = document.querySelector('[data-troubles]');
    if (list.dataset.said !== told.troubles.join()) {
        list.dataset.said = told.troubles.join();
        list.replaceChildren(...told.troubles.map((line) => Object.assign(document.createElement('li'), { textContent: line })));
    }
}

function teaching({ teaching: told }) {
    const box = document.querySelector('[data-teaching]');
    if (box) {
        box.hidden = !told;
        setText(box.querySelector('[data-teaching-words]'), told?.sentence ?? '');
        for (const button of box.querySelectorAll('[data-teaching-take]')) {
            button.disabled = !told?.done;
        }
    }
}

function flipping({ flips: told }) {
    const box = document.querySelector('[data-flips]');
    if (box) {
        const isIt = Boolean(told) && document.querySelector(`[data-survey="flip"][data-ref="${CSS.escape(told.axis)}"]`) !== null;
        box.hidden = !isIt;
        document.querySelector('[data-survey="flip"]').hidden = isIt;
        setText(box.querySelector('[data-flips-words]'), isIt ? told.sentence : '');
        box.querySelector('[data-flips-take]').disabled = !isIt || told.count < 2;
    }
}

function measuring({ sweep }) {
    const steps = document.querySelector('[data-steps]');
    if (!steps) {
        return;
    }
    const isShown = sweep !== null && document.querySelector(`[data-survey="measure"][data-ref="${CSS.escape(sweep.axis)}"]`) !== null;
    const isGoing = isShown && !sweep.done;
    for (const step of steps.children) {
        step.classList.toggle('is-now', isGoing && step.dataset.phase === sweep.phase);
    }
    steps.classList.toggle('is-going', isGoing);
    for (const element of document.querySelectorAll('[data-going]')) {
        element.hidden = !isGoing;
    }
    document.querySelector('[data-survey="measure"]').hidden = isGoing;
    const complaint = document.querySelector('[data-complaint]');
    complaint.hidden = !isGoing || sweep.complaint === '';
    setText(complaint, isGoing ? sweep.complaint : '');
    if (!isGoing) {
        phaseFrom = null;
    }
    // What was measured on another page, or before, does not take this one over.
    if (isShown && sweep.done && isDone !== sweep.axis && new URLSearchParams(location.search).get('measured') !== sweep.axis) {
        isDone = sweep.axis;
        const url = new URL(location.href);
        url.searchParams.set('measured', sweep.axis);
        url.searchParams.set('ref', sweep.axis);
        visit(url.href);
    }
}

function show(detail) {
    if (detail.found) {
        sheet(detail);
        teaching(detail);
        flipping(detail);
        measuring(detail);
    }
}

setInterval(() => {
    const time = document.querySelector('[data-sweep-time]');
    if (time) {
        const { sweep } = live.picture ?? {};
        setText(time, phaseFrom !== null && sweep ? `${((performance.now() - phaseFrom) / 1000).toFixed(1)} s of at least ${sweep.least / 1e6}` : '');
    }
}, 100);

document.addEventListener('click', async (event) => {
    const button = event.target.closest?.('[data-survey]');
    if (!button) {
        return;
    }
    const { survey: what, ref } = button.dataset;
    isDone = null;
    if (what === 'measure' && new URLSearchParams(location.search).has('measured')) {
        const url = new URL(location.href);
        url.searchParams.delete('measured');
        history.replaceState(null, '', url.href);
    }
    await live.survey(what, ref ?? '');
    phaseFrom = what === 'measure' || what === 'next' ? performance.now() : null;
    if (what === 'teach') {
        document.querySelector('[data-teaching]')?.scrollIntoView({ block: 'nearest' });
    }
});

document.addEventListener('live:answer', ({ detail }) => show(detail));
document.addEventListener('live:survey', ({ detail }) => show(detail));
document.addEventListener('page:changed', () => live.picture && show(live.picture));
