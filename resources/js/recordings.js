import { setText } from './dom.js';
import { again } from './edits.js';
import { live } from './live.js';
import { news } from './notices.js';

/** Recording what is done, and playing a recording as if it happened now: the rig does both, whoever looks. */
export const isPlaying = () => Boolean(live.picture?.playing);

const element = (selector) => document.querySelector(`#recorder ${selector}`);
const say = (text) => { const box = document.getElementById('playing'); if (box) { box.textContent = text; } };

async function turn() {
    if (live.picture?.recording === null) {
        await live.order('record');

        return;
    }
    const { name, rows } = await live.order('keep', { name: element('[data-record-name] input').value });
    element('[data-record-name] input').value = '';
    await again();
    say(`Kept as "${name}", ${rows} rows.`);
}

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-record], [data-play]');
    if (button?.dataset.play) {
        live.order('play', { recording: button.dataset.play }).catch((error) => say(error.message));
    } else if (button) {
        turn().catch((error) => say(error.message));
    }
});

document.addEventListener('change', (event) => {
    if (event.target.matches?.('[data-cut-recording]')) {
        event.target.form.action = event.target.value;
    }
});

document.addEventListener('pointerdown', (event) => {
    if (isPlaying() && event.isTrusted && event.target.closest?.('[data-face]')) {
        live.order('stop').catch((error) => say(error.message));
    }
});

function show() {
    const since = live.picture?.recording ?? null;
    if (!document.getElementById('recorder')) {
        return;
    }
    const macro = live.picture?.macro ?? null;
    element('[data-record-macro]').hidden = macro === null;
    setText(element('[data-record-macro]'), macro === null ? '' : `recording ${macro}`);
    element('[data-record]').setAttribute('aria-pressed', String(since !== null));
    element('[data-record-word]').textContent = since === null ? 'Record' : 'Stop and keep';
    element('[data-record-time]').hidden = since === null;
    element('[data-record-name]').hidden = since === null;
    if (isPlaying()) {
        say(`Playing "${live.picture.playing}": ${Math.max(0, (live.now() - live.picture.played) / 1e6).toFixed(1)} s`);
    }
    if (since !== null) {
        element('[data-record-time]').textContent = `${((live.now() - since) / 1e6).toFixed(1)} s`;
    }
}

document.addEventListener('live:answer', show);
document.addEventListener('live:played', ({ detail }) => say(detail.said));
document.addEventListener('page:changed', show);
/** The rig has written something into the set in play: the page shows it. */
document.addEventListener('live:said', async ({ detail }) => {
    if (live.picture?.set === document.body.dataset.set) {
        await again();
    }
    news(detail.said);
});
setInterval(() => ((live.picture?.recording ?? null) !== null || isPlaying()) && show(), 200);
