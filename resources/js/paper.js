/** The sheet of paper: the keys that the rig sends are told to the server, which says what they would type. */
const SOON_MS = 60;
/** Beyond so many the sheet begins anew where nothing is held. */
const MANY = 300;

let keys = [];
let before = '';
let timer = 0;

const paper = () => document.getElementById('paper');

async function show() {
    const it = paper();
    if (!it) {
        return;
    }
    const asked = new URLSearchParams({ layout: it.querySelector('select').value, keys: keys.join(',') });
    try {
        const response = await fetch(`${it.dataset.typed}?${asked}`, { headers: { Accept: 'application/json' } });
        const { text } = await response.json();
        it.querySelector('[data-paper]').textContent = before + text;
        if (keys.length > MANY && keys[keys.length - 1].endsWith('.0')) {
            before += text;
            keys = [];
        }
    } catch {
        // The page says itself that the server is gone; what was typed is told when it is back.
    }
}

function soon() {
    clearTimeout(timer);
    timer = window.setTimeout(show, SOON_MS);
}

document.addEventListener('live:answer', ({ detail }) => {
    const pressed = detail.sent.filter(({ kind }) => kind === 'key');
    if (pressed.length > 0 && paper()) {
        keys.push(...pressed.map(({ target, value }) => `${target}.${value}`));
        soon();
    }
});

document.addEventListener('change', ({ target }) => target.closest?.('#paper') && target.tagName === 'SELECT' && soon());
document.addEventListener('click', ({ target }) => {
    if (target.closest?.('[data-paper-clear]')) {
        [keys, before] = [[], ''];
        paper().querySelector('[data-paper]').textContent = '';
        paper().querySelector('textarea').value = '';
    }
});
document.addEventListener('page:changed', () => keys.length > 0 && soon());
