/**
 * From place to place: a number goes to a group, once more to its next place; what was picked stays picked. The server
 * says what is picked here; what another place knew of it is kept in this tab.
 */
const KEY = 'nailrod.picked';

/** @param {number} step 1 to the next place of the group, -1 to the one before */
export function toGroup(number, step) {
    const group = document.querySelectorAll('.groups a')[number - 1];
    const places = [...document.querySelectorAll('.places a')];
    if (!group) {
        return;
    }
    if (group.ariaCurrent === null || places.length < 2) {
        group.click();

        return;
    }
    const at = places.findIndex((place) => place.ariaCurrent !== null);
    places[(at + step + places.length) % places.length].click();
}

function carry() {
    const { set, picked = '{}' } = document.body.dataset;
    const here = JSON.parse(picked);
    const kept = JSON.parse(sessionStorage.getItem(KEY) ?? '{}');
    // Another set has other layers.
    const all = { ...(kept.set === set ? kept.picked : { device: kept.picked?.device }), ...here };
    if (here.device && !all.ref?.startsWith(`${here.device}/`)) {
        delete all.ref;
    }
    sessionStorage.setItem(KEY, JSON.stringify({ set, picked: all }));
    for (const link of document.querySelectorAll('a[data-carries]')) {
        const url = new URL(/** @type {HTMLAnchorElement} */ (link).href);
        // In an empty rig nothing is picked.
        for (const [name, value] of Object.entries(all).filter(([, one]) => one)) {
            url.searchParams.set(name, value);
        }
        /** @type {HTMLAnchorElement} */ (link).href = url.href;
    }
}

document.addEventListener('page:changed', carry);
carry();
