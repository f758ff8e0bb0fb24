import { onDrag, takenBy } from './drag.js';
import './faceplate.js';
import { paint } from './facepaint.js';
import { live } from './live.js';

/**
 * A panel in the hand. A tile answers the finger at once; a finger that slides off, a page that turns and a pointer that is
 * taken away are releases. A tile that two hold is on until both let go: that is the rig's word.
 */
const EDGE = 24;
const SWIPE = 60;
const PULSE_MS = 80;
/** A finger at an edge that has not moved so far in so long stays there. */
const SLOP = 10;
const STAYS_MS = 140;
/** Without a sign of life for so long, the panel says so. */
const SILENT_MS = 2000;

const pages = () => [...document.querySelectorAll('[data-hand-page]')];
const shown = () => pages().findIndex((page) => !page.hidden);

/** Tiles that fingers are on, by pointer. @type {Map<number, {tile: HTMLElement, port: string}>} */
const touched = new Map();

function report(port, value) {
    if (live.hands[port] !== value) {
        live.input(port, value);
        paint();
    }
}

/** Another finger may still be on it. */
function release(pointer) {
    const touch = touched.get(pointer);
    touched.delete(pointer);
    if (touch && ![...touched.values()].some(({ port }) => port === touch.port)) {
        report(touch.port, 0);
    }
}

function releaseAll() {
    [...touched.keys()].forEach(release);
}

const isOver = (tile, event) => {
    const box = tile.getBoundingClientRect();

    return event.clientX >= box.left && event.clientX <= box.right && event.clientY >= box.top && event.clientY <= box.bottom;
};

/** The strip of pages says which one is shown. */
function marked() {
    document.querySelectorAll('.hand__strip [data-turn]').forEach((turn, i) => turn.setAttribute('aria-current', String(i === shown())));
}

export function turnTo(page) {
    const all = pages();
    if (page < 0 || page >= all.length || page === shown()) {
        return;
    }
    releaseAll();
    all.forEach((one, i) => { one.hidden = i !== page; });
    marked();
    paint();
}

onDrag((event) => {
    const tile = /** @type {HTMLElement|null} */ (event.target.closest('[data-touch]'));
    if (!tile) {
        return null;
    }
    event.preventDefault();
    const port = tile.dataset.touch ?? '';
    const pointer = event.pointerId;
    if ('lifting' in tile.dataset) {
        tile.classList.add('is-touched');

        return {
            end: (lifted) => {
                tile.classList.remove('is-touched');
                if (isOver(tile, lifted)) {
                    report(port, 1);
                    setTimeout(() => report(port, 0), PULSE_MS);
                }
            },
            cancel: () => tile.classList.remove('is-touched'),
        };
    }
    touched.set(pointer, { tile, port });
    report(port, 1);

    return {
        move: (moved) => !isOver(tile, moved) && release(pointer),
        end: () => release(pointer),
        cancel: () => release(pointer),
    };
}, { before: true });

/**
 * From an edge towards the middle: the next page, or the one before. What begins at an edge is a swipe, whatever lies under
 * it; a tile there answers when the finger stays, or is lifted without having moved.
 */
const edge = (event) => {
    const fromLeft = event.clientX < EDGE;
    if (pages().length < 2 || !event.target.closest('.hand__pages') || (!fromLeft && event.clientX < window.innerWidth - EDGE)) {
        return null;
    }
    let under = null;
    let isSwipe = false;
    const begin = () => {
        under = takenBy(event, edge);
    };
    const stays = setTimeout(begin, STAYS_MS);

    return {
        move: (moved, by) => {
            if (under) {
                under.move?.(moved, by);
            } else if (Math.hypot(by.x, by.y) >= SLOP) {
                clearTimeout(stays);
                isSwipe = true;
            }
        },
        end: (ended, moved) => {
            clearTimeout(stays);
            const by = ended.clientX - event.clientX;
            if (under) {
                under.end?.(ended, moved);
            } else if (!isSwipe) {
                begin();
                setTimeout(() => under?.end?.(ended, false), PULSE_MS);
            } else if (Math.abs(by) >= SWIPE && by > 0 === fromLeft) {
                turnTo(shown() + (fromLeft ? -1 : 1));
            }
        },
        cancel: (moved) => {
            clearTimeout(stays);
            under?.cancel?.(moved);
        },
    };
};
onDrag(edge, { before: true });

document.addEventListener('click', (event) => {
    const turn = event.target.closest?.('[data-turn]');
    if (turn) {
        turnTo(Number(turn.dataset.turn) - 1);
    }
    if (event.target.closest?.('#hand-full')) {
        document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen?.().catch(() => {});
        stayAwake();
    }
});
document.addEventListener('contextmenu', (event) => event.preventDefault());
window.addEventListener('blur', releaseAll);
document.addEventListener('visibilitychange', () => (document.hidden ? releaseAll() : stayAwake()));

// A page that belongs to a layer comes when that goes live; who is still there when it is left turns back.
const layers = JSON.parse(document.body.dataset.layers ?? '[]');
let layer = '';
let before = 0;
document.addEventListener('live:answer', ({ detail }) => {
    const id = detail.layer?.id ?? '';
    if (id !== layer) {
        const at = shown();
        const left = layers.findIndex((one) => one !== '' && one === layer);
        const next = layers.findIndex((one) => one !== '' && one === id);
        layer = id;
        if (next >= 0) {
            before = at;
            turnTo(next);
        } else if (left >= 0 && at === left) {
            turnTo(before);
        }
    }
    heard();
    keepUp();
});

/** Another set is in play, or this one was edited: the panel may be another. What could not come at once comes with a beat. */
function keepUp() {
    const { set, program } = live.picture ?? {};
    if ((set && set !== document.body.dataset.set) || (program && program !== document.body.dataset.program)) {
        renew().catch(() => {});
    }
}
document.addEventListener('live:beat', keepUp);

let isRenewing = false;
async function renew() {
    if (isRenewing || touched.size > 0) {
        return;
    }
    isRenewing = true;
    try {
        const text = await (await fetch(location.href, { headers: { Accept: 'text/html' } })).text();
        const page = new DOMParser().parseFromString(text, 'text/html');
        const fresh = page.querySelector('main');
        if (fresh) {
            const at = shown();
            document.querySelector('main')?.replaceWith(fresh);
            Object.assign(document.body.dataset, page.body.dataset);
            layers.splice(0, layers.length, ...JSON.parse(document.body.dataset.layers ?? '[]'));
            turnTo(Math.min(at, pages().length - 1));
            marked();
            document.dispatchEvent(new CustomEvent('page:changed'));
        }
    } finally {
        isRenewing = false;
    }
}

// The desk says every second that it is there.
let last = performance.now();
function heard() {
    last = performance.now();
}
document.addEventListener('live:beat', heard);
document.addEventListener('live:status', ({ detail }) => detail.ok && heard());
setInterval(() => {
    const cut = document.getElementById('hand-cut');
    const isCut = performance.now() - last > SILENT_MS;
    if (cut && cut.hidden === isCut) {
        cut.hidden = !isCut;
        isCut && releaseAll();
    }
}, 250);

// Where the line ends, it may be that this phone was taken away at the desk: then it is out at once.
document.addEventListener('live:status', async ({ detail }) => {
    if (!detail.ok) {
        const answer = await fetch(document.body.dataset.renew ?? '', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: '{}' }).catch(() => null);
        if (answer?.status === 403 || answer?.status === 404) {
            location.reload();
        }
    }
});

/** Where the browser keeps no screen awake, it is said once how the phone itself does. */
const NOTED = 'nailrod-screen-time';
function noteScreenTime() {
    const note = document.getElementById('hand-note');
    note?.toggleAttribute('hidden', window.isSecureContext || localStorage.getItem(NOTED) !== null);
}
document.addEventListener('click', (event) => {
    if (event.target.closest?.('#hand-note-away')) {
        localStorage.setItem(NOTED, '1');
        noteScreenTime();
    }
});
noteScreenTime();

/** Kept awake where the browser allows it: only by a secure address. It lets go by itself when the page is covered. */
function stayAwake() {
    /** @type {any} */ (navigator).wakeLock?.request('screen').catch(() => {});
}

/** How large this screen is, so that the panel is drawn in its shape at the desk. */
live.post(document.body.dataset.renew ?? '', { screen: [window.innerWidth, window.innerHeight] }).catch(() => {});

stayAwake();
live.start();
