/*
 * What is pressed from the first paint on: Ctrl+K, and what is typed after it, is kept until the scripts are there that know what
 * to do with it. This one is read before the page is drawn, so it does nothing else.
 */
(() => {
    const kept = [];
    const keep = (event) => {
        const opens = event.ctrlKey && !event.altKey && !event.shiftKey && !event.metaKey && event.key.toLowerCase() === 'k';
        if (opens || (kept.length > 0 && !event.ctrlKey && !event.metaKey && !event.altKey)) {
            event.preventDefault();
            kept.push(opens ? 'Ctrl+K' : event.key);
        }
    };
    document.addEventListener('keydown', keep, true);
    window.nailrodEarly = () => {
        document.removeEventListener('keydown', keep, true);

        return kept.splice(0);
    };
})();
