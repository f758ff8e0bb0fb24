/** Prints what the place shows: the browser's own print, which also saves as PDF. */
document.addEventListener('click', (event) => {
    if (/** @type {Element} */ (event.target).closest('[data-print]')) {
        window.print();
    }
});
