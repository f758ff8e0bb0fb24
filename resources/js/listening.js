/**
 * The keyboard and the mouse of this computer work the rig only while the page listens to them: a button of the bar
 * turns that on and off, and Escape twice in a row ends it. Dispatches `listening` when it is turned.
 */
let isOn = false;

const button = () => document.getElementById('listen');

/** What the page hears of a device and where it reports it; null while it does not listen to it. */
export function own(device) {
    return isOn ? JSON.parse(button()?.dataset.own ?? '{}')[device]?.inputs ?? null : null;
}

function show() {
    const it = button();
    const banner = document.getElementById('listening');
    isOn &&= it !== null;
    it?.setAttribute('aria-pressed', String(isOn));
    banner.hidden = !isOn;
    if (isOn) {
        banner.querySelector('[data-said]').textContent = Object.values(JSON.parse(it.dataset.own)).map(({ said }) => said).join(' ');
        document.getElementById('mouse-pad').toggleAttribute('hidden', own('mouse') === null);
    }
}

export function turn(on) {
    if (isOn !== on) {
        // What is held is let go of while its place is still known.
        document.dispatchEvent(new CustomEvent('listening', { detail: { on } }));
        isOn = on;
        show();
    }
}

document.addEventListener('click', (event) => {
    const it = event.target.closest?.('#listen');
    if (it) {
        turn(!isOn);
        it.blur();
    }
});
document.addEventListener('page:changed', show);
