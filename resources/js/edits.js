import { live } from './live.js';
import { problem } from './notices.js';
import { putBack, sending as unsentOf } from './unsent.js';

/**
 * Edits without leaving the page: a form is sent as it is, and the page that comes back is laid over this one.
 * One edit at a time, so that each is made from what the one before it gave.
 */
let line = Promise.resolve();
/** What a form that saves itself has sent already: the key that ends a field both changes and submits it. */
let sent = new WeakMap();
let sending = 0;

const parse = (html) => new DOMParser().parseFromString(html, 'text/html');

/** Ids of fields whose new value is about to be sent. */
export const pending = new Set();

/** Fields show what the server has, but for one that is being typed in and those about to be sent. */
function settleFields(keep) {
    for (const field of document.querySelectorAll('#place input, #place select, #place textarea')) {
        if (field === keep || pending.has(field.id) || field.type === 'hidden' || field.type === 'file' || field.type === 'search' || putBack(field)) {
            continue;
        }
        if (field.tagName === 'SELECT') {
            const wanted = [...field.options].findIndex((option) => option.defaultSelected);
            field.selectedIndex = Math.max(0, wanted);
        } else if (field.type === 'checkbox' || field.type === 'radio') {
            field.checked = field.defaultChecked;
        } else {
            field.value = field.defaultValue;
        }
    }
}

/** What is folded away without a name of its own is known by what it says. */
const saysOf = (details) => `${details.className} ${details.querySelector('summary')?.textContent.trim()}`;

/** Address of the page that is there. */
let shown = location.href;

/**
 * What was unfolded stays so; what an edit has just brought is unfolded too. Where the page that is there is only read anew,
 * as when the rig has something to say, nothing at all is folded away.
 */
function keepUnfolded(page, opensNew, isSame) {
    if (isSame) {
        const open = new Set([...document.querySelectorAll('#place details[open]')].map(saysOf));
        for (const fresh of page.querySelectorAll('#place details:not([id])')) {
            fresh.toggleAttribute('open', fresh.open || open.has(saysOf(fresh)));
        }
    }
    for (const fresh of page.querySelectorAll('#place details[id]:not([data-once]), #top details[id]')) {
        const old = document.getElementById(fresh.id);
        if (old) {
            fresh.toggleAttribute('open', old.open);
        } else if (opensNew && fresh.matches('.part')) {
            fresh.toggleAttribute('open', true);
        }
    }
}

function lay(html, keep, opensNew = false, isSame = false) {
    const page = parse(html);
    if (!page.getElementById('place')) {
        problem(`Not done: ${page.querySelector('.plain p')?.textContent ?? `the server answered with something that is not a page: ${page.title}.`}`);

        return;
    }
    keepUnfolded(page, opensNew, isSame);
    shown = location.href;
    const scrolled = [...document.querySelectorAll('#place .scroll[id]')].map((element) => [element.id, element.scrollTop]);
    for (const id of ['place', 'top', 'notices']) {
        const fresh = page.getElementById(id);
        document.getElementById(id).className = fresh.className;
        window.Alpine.morph(document.getElementById(id), fresh.outerHTML);
    }
    document.title = page.title;
    Object.assign(document.body.dataset, page.body.dataset);
    for (const [id, top] of scrolled) {
        document.getElementById(String(id))?.scrollTo(0, Number(top));
    }
    settleFields(keep);
    document.getElementById('moved').hidden = true;
    sent = new WeakMap();
    document.dispatchEvent(new CustomEvent('page:changed'));
    if (live.picture) {
        document.dispatchEvent(new CustomEvent('live:answer', { detail: { ...live.picture, program: undefined, lines: [], sent: [], game: [], problems: [] } }));
    }
}

/** The field that the hand is in, if it was changed since the edit began. */
function typedIn(at) {
    const field = document.activeElement;

    return field?.matches('#place input:not([type=checkbox]):not([type=radio]), #place textarea') && (field !== at.field || field.value !== at.value) ? field : null;
}

/** The revision that the page knows of the set that a form changes: an edit before it may have made another since. */
function revisionOf(action) {
    const set = /\/sets\/([^/]+)\//.exec(new URL(action, location.href).pathname)?.[1];

    return JSON.parse(document.body.dataset.revisions)[set];
}

async function send(action, data, isTaken) {
    const at = { field: document.activeElement, value: document.activeElement?.value };
    sending += 1;
    document.body.classList.add('is-saving');
    try {
        if (data.has('from')) {
            data.set('from', revisionOf(action) ?? data.get('from'));
        }
        const response = await fetch(action, { method: 'POST', body: data, headers: { Accept: 'text/html' } });
        if (response.status === 419) {
            location.reload();

            return;
        }
        if (response.redirected && response.url !== location.href) {
            // An edit may lead to another set, as one that begins a set does.
            const isSamePlace = new URL(response.url).pathname === location.pathname;
            history[isSamePlace ? 'replaceState' : 'pushState'](null, '', response.url);
        }
        const html = await response.text();
        if (response.status >= 500) {
            problem(`Not saved: ${reasonIn(html)} What you typed is still here.`);

            return;
        }
        isTaken();
        lay(html, typedIn(at), true);
    } catch {
        problem('Not saved: the server does not answer. What you typed is still here; change it again when the server is back.');
    } finally {
        sending -= 1;
        document.body.classList.toggle('is-saving', sending > 0);
    }
}

/** What a page says that is not the one that was asked for. */
function reasonIn(html) {
    const said = new DOMParser().parseFromString(html, 'text/html').querySelector('main p, body p')?.textContent.trim();

    return said || 'the server could not do that; storage/logs/nailrod.log says why.';
}

/** When what was asked for so far is on the page. */
export const settled = () => line;

/** The page that is there is read again: which one that is is seen when its turn comes, for what was asked for before comes first. */
export const again = () => visit(() => location.href, false);

/** @param {string|(() => string)} url */
export async function visit(url, push = true) {
    line = line.then(async () => {
        try {
            const response = await fetch(typeof url === 'string' ? url : url(), { headers: { Accept: 'text/html' } });
            if (push) {
                history.pushState(null, '', response.url);
            }
            lay(await response.text(), typedIn({}), false, response.url === shown.split('#')[0]);
        } catch {
            problem('The page could not be read: the server does not answer. Try again when it is back.');
        }
    });

    return line;
}

document.addEventListener('submit', (event) => {
    const form = /** @type {HTMLFormElement} */ (event.target);
    if (!form.matches('form[data-edit]')) {
        return;
    }
    event.preventDefault();
    const data = new FormData(form, event.submitter);
    const said = new URLSearchParams(/** @type {any} */ (data)).toString();
    if (form.matches('[data-autosave]') && sent.get(form) === said) {
        return;
    }
    sent.set(form, said);
    const isTaken = unsentOf(form);
    const action = event.submitter?.getAttribute('formaction') ?? form.getAttribute('action');
    line = line.then(() => send(action, data, isTaken));
});

/** A form that only asks for another view of the page, or a button that does. */
document.addEventListener('submit', (event) => {
    if (event.submitter?.matches('[data-shows]')) {
        event.preventDefault();
        ask(/** @type {HTMLFormElement} */ (event.target));

        return;
    }
    if (event.target.matches('form[data-visit]')) {
        event.preventDefault();
        const form = /** @type {HTMLFormElement} */ (event.target);
        const asked = new URLSearchParams(/** @type {string[][]} */ ([...new FormData(form)].filter(([, value]) => value !== '')));
        visit(`${event.target.getAttribute('action')}?${asked}`);
    }
});

/** What a form asks for that shows, beside its fields, what would come of them: they are sent as they stand, whenever that is. */
function ask(form) {
    const fields = [...new FormData(form)].filter(([name, value]) => value !== '' && name !== '_token' && name !== 'from');
    visit(`${form.dataset.asks}?${new URLSearchParams(/** @type {string[][]} */ (fields))}`);
}

document.addEventListener('change', (event) => {
    event.target.closest?.('form[data-visit]')?.requestSubmit();
    // A field may stand elsewhere than its form.
    if (event.target.form?.matches('[data-asks]')) {
        ask(event.target.form);
    }
    const form = event.target.closest?.('form[data-autosave]');
    form?.requestSubmit();
});

document.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-refresh]');
    if (link && event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
        event.preventDefault();
        visit(link.href);
    }
});

window.addEventListener('popstate', () => visit(location.href, false));

/** The rig takes an edit up within a moment: only a program that stays another tells of another tab. */
const MOMENT_MS = 1500;
let since = null;
function compare() {
    const { set, program, broken } = live.picture ?? {};
    const isOther = set === document.body.dataset.set && sending === 0 && program !== document.body.dataset.program && broken === '';
    if (isOther && since === null) {
        setTimeout(compare, MOMENT_MS + 10);
    }
    since = isOther ? since ?? performance.now() : null;
    document.getElementById('moved').hidden = !isOther || performance.now() - since < MOMENT_MS;
}
document.addEventListener('live:answer', compare);
