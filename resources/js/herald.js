import { setText } from './dom.js';
import { live } from './live.js';

/**
 * The layer that is live stands in the top bar of every place. A change of it can be announced: by a notice, by a tone,
 * by the system. What one wants is kept in this browser; of several windows one sounds, and each shows its own notice.
 */
const KEY = 'nailrod.herald';
const TONES = { low: [[196, 0, 0.14]], high: [[784, 0, 0.1]], 'two steps': [[392, 0, 0.09], [587, 0.11, 0.12]] };
const NOTICE_MS = 2500;
let before = null;
let sounds = !navigator.locks;
let context = null;
let fades = 0;

navigator.locks?.request('nailrod-herald', () => {
    sounds = true;

    return new Promise(() => {});
}).catch(() => {});

function wishes() {
    try {
        return { notice: false, tone: '', system: false, silent: false, ...JSON.parse(localStorage.getItem(KEY)) };
    } catch {
        return { notice: false, tone: '', system: false, silent: false };
    }
}

function play(tone) {
    context ??= new AudioContext();
    for (const [frequency, from, lasts] of TONES[tone] ?? []) {
        const [oscillator, gain] = [context.createOscillator(), context.createGain()];
        const at = context.currentTime + from;
        oscillator.frequency.value = frequency;
        gain.gain.setValueAtTime(0, at);
        gain.gain.linearRampToValueAtTime(0.2, at + 0.01);
        gain.gain.linearRampToValueAtTime(0, at + lasts);
        oscillator.connect(gain).connect(context.destination);
        oscillator.start(at);
        oscillator.stop(at + lasts);
    }
}

function announce(name) {
    const { notice, tone, system, silent } = wishes();
    if (silent) {
        return;
    }
    if (notice) {
        const box = document.getElementById('herald-notice');
        setText(box, `Layer ${name}`);
        box.hidden = false;
        clearTimeout(fades);
        fades = setTimeout(() => { box.hidden = true; }, NOTICE_MS);
    }
    if (sounds && tone !== '') {
        play(tone);
    }
    if (sounds && system && globalThis.Notification?.permission === 'granted') {
        new Notification(`Layer ${name}`, { tag: 'nailrod-layer', silent: true });
    }
}

function show() {
    const { layer, set, name } = live.picture ?? {};
    const badge = document.getElementById('herald');
    if (!layer || !badge) {
        return;
    }
    badge.hidden = false;
    setText(badge.querySelector('[data-herald-name]'), layer.name);
    badge.querySelector('.layer-dot').className = `layer-dot layer--${layer.look}`;
    badge.querySelector('summary').title = `Layer ${layer.name} of ${name} is live. How is a change announced?`;
    if (before !== null && before.set === set && before.id !== layer.id) {
        announce(layer.name);
    }
    before = { set, id: layer.id };
}

function settle() {
    const form = document.querySelector('[data-herald-wishes]');
    const wanted = wishes();
    for (const field of form?.elements ?? []) {
        if (field.type === 'checkbox') {
            field.checked = wanted[field.name];
        } else if (field.name) {
            field.value = wanted[field.name];
        }
    }
}

document.addEventListener('change', async (event) => {
    const form = event.target.closest?.('[data-herald-wishes]');
    if (!form) {
        return;
    }
    if (event.target.name === 'system' && event.target.checked && await globalThis.Notification?.requestPermission() !== 'granted') {
        event.target.checked = false;
        setText(form.querySelector('[data-herald-said]'), 'The browser does not allow notifications here.');
    }
    const { notice, tone, system, silent } = form.elements;
    localStorage.setItem(KEY, JSON.stringify({ notice: notice.checked, tone: tone.value, system: system.checked, silent: silent.checked }));
    if (event.target.name === 'tone' && tone.value !== '') {
        play(tone.value);
    }
});

document.addEventListener('live:answer', show);
document.addEventListener('page:changed', () => {
    show();
    settle();
});
settle();
