import { onDrag } from './drag.js';
import { live } from './live.js';

/** The time line of a macro: its bars are dragged here; what becomes of them the server says. */
const FINE_MS = 1;
const STEP_MS = 10;
/** Drags end on whole milliseconds. */
const snap = (us) => Math.max(0, Math.round(us / 1000) * 1000);

const line = () => document.getElementById('timeline');
const shown = () => Number(line().dataset.shown);
const perPixel = () => shown() / line().getBoundingClientRect().width;

function show(bar, from, to) {
    const across = (us) => `${(100 * us) / shown()}%`;
    const [body, end] = bar.querySelectorAll('rect');
    body.setAttribute('x', across(from));
    body.setAttribute('width', across(Math.max(1, to - from)));
    end?.setAttribute('x', across(to));
    bar.querySelector('text').setAttribute('x', across(bar.matches('.bar--narrow') ? to : from));
}

function send(bar, from, to) {
    const form = document.getElementById('bar-moved');
    form.elements.bar.value = bar.dataset.bar;
    form.elements.starts.value = from / 1000;
    form.elements.lasts.value = (to - from) / 1000;
    form.requestSubmit();
}

onDrag((event) => {
    const bar = event.target.closest('.bar');
    if (!bar) {
        return null;
    }
    const isEnd = event.target.matches('.bar__end');
    const [from, to] = [Number(bar.dataset.from), Number(bar.dataset.to)];
    let now = [from, to];
    bar.classList.add('is-dragged');

    return {
        holds: bar,
        move: (_, { x }) => {
            const by = x * perPixel();
            const at = snap(from + by);
            now = isEnd ? [from, Math.max(from + 1000, snap(to + by))] : [at, at + to - from];
            show(bar, ...now);
        },
        end: () => {
            bar.classList.remove('is-dragged');
            if (now[0] !== from || now[1] !== to) {
                send(bar, ...now);
            }
        },
        cancel: () => {
            bar.classList.remove('is-dragged');
            show(bar, from, to);
        },
    };
});

document.addEventListener('keydown', (event) => {
    const bar = event.target.closest?.('.bar');
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!bar || way === undefined) {
        return;
    }
    event.preventDefault();
    const by = 1000 * way * (event.shiftKey ? FINE_MS : STEP_MS);
    const [from, to] = [Number(bar.dataset.from), Number(bar.dataset.to)];
    if (event.altKey) {
        if (!('fixed' in bar.dataset)) {
            send(bar, from, Math.max(from + 1000, to + by));
        }
    } else {
        send(bar, Math.max(0, from + by), Math.max(0, from + by) + to - from);
    }
});

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-try-macro]');
    if (button) {
        live.tryMacro(button.dataset.tryMacro);
        run();
    }
});

/** A line runs along while the macro plays. */
function run() {
    const now = document.getElementById('timeline-now');
    const end = document.querySelector('.timeline__end');
    if (!now || matchMedia('(prefers-reduced-motion: reduce)').matches) {
        return;
    }
    const whole = (parseFloat(end.getAttribute('x1')) / 100) * shown();
    const began = performance.now();
    now.removeAttribute('hidden');
    const draw = () => {
        const at = (performance.now() - began) * 1000;
        if (at > whole) {
            now.setAttribute('hidden', '');

            return;
        }
        now.setAttribute('x1', `${(100 * at) / shown()}%`);
        now.setAttribute('x2', `${(100 * at) / shown()}%`);
        requestAnimationFrame(draw);
    };
    draw();
}

/** What is pressed while a macro is recorded: keys of the keyboard, or what the rig sends. */
let recording = null;

function say(text) {
    const says = document.querySelector('[data-record-says]');
    if (says) {
        says.textContent = text;
    }
}

function stop() {
    const { events, button } = recording;
    recording = null;
    button.setAttribute('aria-pressed', 'false');
    button.textContent = button.dataset.stepsFrom === 'keys' ? 'From the keyboard' : 'From the rig';
    if (!events.some((event) => event.on)) {
        say('Nothing was pressed, so nothing was recorded.');

        return;
    }
    const form = document.getElementById('macro-recorded');
    form.elements.events.value = JSON.stringify(events);
    form.requestSubmit();
}

document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-steps-from]');
    if (!button || !button.closest('[data-macro-record]')) {
        return;
    }
    if (recording) {
        stop();

        return;
    }
    recording = { what: button.dataset.stepsFrom, events: [], button };
    button.setAttribute('aria-pressed', 'true');
    button.textContent = 'Stop';
    say(recording.what === 'keys' ? 'Recording: press keys. Click Stop, or press Tab, to end.' : 'Recording: work the rig. Click Stop to end.');
});

for (const type of ['keydown', 'keyup']) {
    document.addEventListener(type, (event) => {
        if (recording?.what !== 'keys') {
            return;
        }
        if (event.code === 'Tab') {
            stop();

            return;
        }
        event.preventDefault();
        event.stopPropagation();
        if (!event.repeat && event.code !== '') {
            recording.events.push({ t: Math.round(performance.now() * 1000), kind: 'key', target: event.code, on: type === 'keydown' });
            say(`${recording.events.filter((one) => one.on).length} pressed. Click Stop to end.`);
        }
    }, true);
}

document.addEventListener('live:answer', ({ detail }) => {
    if (recording?.what !== 'rig') {
        return;
    }
    for (const { t, kind, target, value } of detail.sent) {
        if (kind === 'key' || kind === 'button') {
            recording.events.push({ t, kind, target: String(target), on: value === 1 });
            say(`${recording.events.filter((one) => one.on).length} sent. Click Stop to end.`);
        }
    }
});

document.addEventListener('page:changed', () => {
    if (recording && !document.contains(recording.button)) {
        recording = null;
    }
});
