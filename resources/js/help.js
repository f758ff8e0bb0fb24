/** Why and how of the place that is open, beside the keys: fetched when it is first wanted. */
async function showWhy() {
    const box = document.getElementById('help-why');
    if (!box || box.dataset.shows === box.dataset.from) {
        return;
    }
    const answer = await fetch(box.dataset.from).catch(() => null);
    if (answer?.ok) {
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        box.replaceChildren(...page.querySelectorAll('.help-page__body'));
        box.dataset.shows = box.dataset.from;
    }
}

export function openHelp() {
    /** @type {HTMLDialogElement} */ (document.getElementById('help')).showModal();
    showWhy();
}

/** What a term means, where it stands: under the pointer, or where the keyboard is; Escape takes it away. */
let shown = null;
function explain(term) {
    const box = document.getElementById('term-says');
    if (!box || term === shown) {
        return;
    }
    shown = term;
    if (term === null) {
        box.hidePopover();

        return;
    }
    box.textContent = term.dataset.says;
    box.showPopover();
    const at = term.getBoundingClientRect();
    const { width, height } = box.getBoundingClientRect();
    box.style.left = `${Math.max(8, Math.min(at.left, innerWidth - width - 8))}px`;
    box.style.top = `${at.bottom + height + 8 > innerHeight ? at.top - height - 6 : at.bottom + 6}px`;
}
const termOf = (target) => target?.closest?.('.term') ?? null;
document.addEventListener('pointerover', ({ target }) => {
    if (!target.closest?.('#term-says')) {
        explain(termOf(target) ?? termOf(document.activeElement));
    }
});
document.addEventListener('focusin', ({ target }) => explain(termOf(target)));
document.addEventListener('focusout', () => explain(null));
document.addEventListener('scroll', () => explain(null), true);
document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape' && shown !== null) {
        event.stopPropagation();
        explain(null);
    }
}, true);
