import { visit } from './edits.js';
import { live } from './live.js';

/** Recording what is done, and playing a recording as if it happened now. */
const AHEAD_MS = 200;
let playing = null;

export const isPlaying = () => playing !== null;

const element = (selector) => document.querySelector(`#recorder ${selector}`);
const say = (text) => { const box = document.getElementById('playing'); if (box) { box.textContent = text; } };

async function turn() {
    if (live.picture?.recording === null) {
        await live.order('record', {});
        live.ask();

        return;
    }
    const { name, rows } = await live.order('keep', { name: element('[data-record-name] input').value });
    element('[data-record-name] input').value = '';
    live.ask();
    await visit(location.href, false);
    say(`Kept as "${name}", ${rows} rows.`);
}

async function piece(id, from) {
    return live.order(`/recordings/${id}/piece`, { from });
}

/** Feeds the rows of a recording at their times, piece by piece. */
async function play(id, name) {
    stop();
    const recording = { name, start: performance.now(), stopped: false };
    playing = recording;
    let from = 0;
    while (from !== null && !recording.stopped) {
        const { rows, next, problem } = await piece(id, from);
        for (const [t, port, value] of rows) {
            const wait = recording.start + t / 1000 - performance.now();
            if (wait > 4) {
                say(`Playing "${name}": ${(t / 1e6).toFixed(1)} s`);
                await new Promise((resolve) => { setTimeout(resolve, Math.max(0, wait)); });
            }
            if (recording.stopped) {
                return;
            }
            live.input(port, value);
        }
        from = next;
        if (problem) {
            playing = null;
            setTimeout(() => say(`Played up to the damage. ${problem}`), AHEAD_MS);

            return;
        }
    }
    if (playing === recording) {
        playing = null;
        setTimeout(() => say(`"${name}" has been played.`), AHEAD_MS);
    }
}

function stop() {
    if (playing) {
        playing.stopped = true;
        say(`"${playing.name}" was stopped.`);
        playing = null;
    }
}

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-record], [data-play]');
    if (button?.dataset.play) {
        button.closest('details').open = false;
        play(button.dataset.play, button.dataset.name).catch(() => say('The recording could not be read: the server does not answer.'));
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
    if (event.isTrusted && event.target.closest?.('[data-face]')) {
        stop();
    }
});

function show() {
    const since = live.picture?.recording ?? null;
    if (!document.getElementById('recorder')) {
        return;
    }
    element('[data-record]').setAttribute('aria-pressed', String(since !== null));
    element('[data-record-word]').textContent = since === null ? 'Record' : 'Stop and keep';
    element('[data-record-time]').hidden = since === null;
    element('[data-record-name]').hidden = since === null;
    if (since !== null) {
        element('[data-record-time]').textContent = `${((live.now() - since) / 1e6).toFixed(1)} s`;
    }
}

document.addEventListener('live:answer', show);
document.addEventListener('page:changed', show);
setInterval(() => (live.picture?.recording ?? null) !== null && show(), 200);
