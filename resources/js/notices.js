/**
 * What a page is told beside what it shows. The answer to the last act stands until the next one (or fades); what comes by
 * itself, as a device that is plugged in, has a place of its own, so that it never takes an answer away.
 */
function put(place, text, isProblem) {
    const notice = Object.assign(document.createElement('p'), { className: isProblem ? 'notice notice--problem' : 'notice', textContent: text });
    if (!isProblem) {
        notice.dataset.fades = '';
    }
    document.getElementById(place)?.[place === 'news' ? 'append' : 'replaceChildren'](notice);

    return notice;
}

/** What was done here was refused, or went wrong. */
export const problem = (text) => put('notices', text, true);

/** What came by itself; when the next comes, what has faded goes, and a problem. */
export function news(text, isProblem = false) {
    for (const old of document.querySelectorAll('#news .notice')) {
        if (old.matches('.notice--problem') || getComputedStyle(old).visibility === 'hidden') {
            old.remove();
        }
    }
    put('news', text, isProblem);
}
