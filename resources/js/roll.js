import { live } from './live.js';

/** Who works the rig, and who sees it: told by the rig once a second. */
function show() {
    const body = document.querySelector('[data-hands]');
    const { here } = live.picture ?? {};
    if (!body || !here) {
        return;
    }
    const cell = (text, className = '') => Object.assign(document.createElement('td'), { textContent: text, className });
    body.replaceChildren(...here.hands.map(({ name, kind, rate, delay, holds }) => {
        const row = document.createElement('tr');
        const head = Object.assign(document.createElement('th'), { scope: 'row', textContent: name });
        head.append(Object.assign(document.createElement('small'), { textContent: kind }));
        row.append(head, cell(String(rate), 'right figure'), cell(delay === null ? '' : `${(delay / 1000).toFixed(1)} ms`, 'right figure'), cell(holds.join(', ') || 'nothing'));

        return row;
    }));
    document.querySelector('[data-hands-none]').hidden = here.hands.length > 0;
    document.querySelector('[data-eyes]').textContent = here.eyes === 1 ? 'One eye sees what happens.' : `${here.eyes} eyes see what happens.`;
}

document.addEventListener('live:here', show);
document.addEventListener('page:changed', show);
document.addEventListener('click', (event) => {
    if (event.target.closest?.('[data-let-go]')) {
        live.order('let go').catch(() => {});
    }
});
