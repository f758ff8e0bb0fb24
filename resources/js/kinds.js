/** Where one of several kinds is chosen, the fields of the others are hidden: `data-kinds` says for which kinds a field is. */
function showKind(choice) {
    const family = choice.dataset.kindsOf;
    const others = [...choice.form.querySelectorAll('[data-kinds-of]')].filter((other) => other !== choice);
    for (const field of choice.form.querySelectorAll('[data-kinds]')) {
        const name = field.querySelector('[name]')?.getAttribute('name') ?? '';
        if (name.startsWith(`${family}[`) || !others.some((other) => name.startsWith(`${other.dataset.kindsOf}[`))) {
            field.toggleAttribute('hidden', !field.dataset.kinds.split('|').includes(choice.value));
        }
    }
}

document.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-kinds-of]')) {
        showKind(target);
    }
});
document.addEventListener('page:changed', () => document.querySelectorAll('[data-kinds-of]').forEach(showKind));
