import { expect, test } from './app.js';

/**
 * Goes over the places as somebody who types and clicks at once: each form that a script sends, or lays anew, is typed in and
 * its button is pressed in the same moment. What is sent is what stood in the fields, is taken or refused in words, and who
 * would leave with it unsent is asked. What the forms do is looked at over HTTP, for every set (`CrawlerTest`).
 */

/** Pages that are looked at, of a set below another and of a root: links lead from each to others. */
const MOST_PAGES = { skerrywing: 48, house: 8 };

/** What goes over the forms of a page, in the page. */
function crawl() {
    const isText = (field) => field.matches('textarea, input:not([type]), input[type="text"], input[type="number"]');
    const nobodyTypesIn = ['hidden', 'file', 'submit', 'button', 'radio'];
    // A field that is called as a property of a form hides it.
    const methodOf = (form) => form.getAttribute('method') ?? 'get';
    const elementsOf = (form) => [...form.elements].filter((field) => !field.disabled && field.name !== '');
    /** A field of a form that only asks for another view, which this form has a hidden copy of, unless that says what the form is about. */
    const copied = (form) => elementsOf(form).filter((field) => field.type === 'hidden' && methodOf(form) === 'post' && !('about' in field.dataset))
        .map(({ name, value }) => [...document.querySelectorAll(`#place form[data-visit] [name="${CSS.escape(name)}"]`)].find((other) => other.type !== 'hidden' && other.value === value)).find(Boolean);
    const fieldOf = (form) => {
        const fields = elementsOf(form).filter((field) => !field.readOnly && !nobodyTypesIn.includes(field.type));

        return copied(form) ?? fields.find(isText) ?? fields.find((one) => one.tagName === 'SELECT' && one.options.length > 1) ?? fields.find((one) => one.type === 'checkbox');
    };

    window.crawl = {
        /** Forms with something to type or pick, each with what it asks: two that ask the same are of one sort. */
        forms() {
            const devices = new Set([...document.querySelectorAll('a[href*="device="]')].flatMap((a) => new URL(a.href).searchParams.getAll('device').map((one) => one.split('/')[0])));

            return [...document.forms].flatMap((form, at) => {
                const elements = elementsOf(form);
                const field = fieldOf(form);
                if (methodOf(form) === 'dialog' || !form.hasAttribute('action') || field === undefined || !form.closest('#place, #top')) {
                    return [];
                }
                const action = new URL(form.getAttribute('action'), location.href).pathname.split('/').slice(3).map((word) => (devices.has(word) || /\d/.test(word) ? 'x' : word)).join('/');
                const about = ['what', 'does', 'kind', 'part', 'side', 'to'].map((name) => elements.find((one) => one.name === name && one.type === 'hidden')?.value ?? '');

                return [{ at, sort: [methodOf(form), action, [...new Set(elements.map(({ name }) => name))].join(' '), ...about].join(' | '), isPost: methodOf(form) === 'post', action: form.getAttribute('action'), isTyped: isText(field) }];
            });
        },
        /** Types into the form that asks for this and presses its button before anything else can happen. */
        typeAndClick(sort) {
            const found = this.forms().find((one) => one.sort === sort);
            if (found === undefined) {
                return null;
            }
            const form = document.forms[found.at];
            const field = fieldOf(form);
            const valueOf = () => (field.type === 'checkbox' ? (field.checked ? field.value : null) : field.value);
            const written = valueOf();
            for (let part = field.closest('details'); part; part = part.parentElement.closest('details')) {
                part.open = true;
            }
            field.focus();
            if (field.type === 'checkbox') {
                field.checked = !field.checked;
            } else if (field.tagName === 'SELECT') {
                field.selectedIndex = (field.selectedIndex + 1) % field.options.length;
            } else if (field.type === 'number') {
                const step = Number(field.step) || 1;
                const up = Number(field.value || field.min || 0) + step;
                field.value = String(field.max !== '' && up > Number(field.max) ? up - 2 * step : up);
            } else {
                field.value = (field.value === '' ? 'Peat' : `${field.value} 2`).slice(0, field.maxLength > 0 ? field.maxLength : undefined);
            }
            field.dispatchEvent(new Event('input', { bubbles: true }));
            const leave = new Event('beforeunload', { cancelable: true });
            window.dispatchEvent(leave);
            const button = [...form.elements, ...form.querySelectorAll('button')].find((one) => one.type === 'submit' && !one.disabled && !('shows' in one.dataset) && one.getAttribute('formmethod') !== 'get');
            const said = { name: field.name, value: valueOf(), canBeSent: form.checkValidity() && valueOf() !== written, isAsked: leave.defaultPrevented };
            // A click takes the hand out of the field first, which is when it is told as changed.
            field.dispatchEvent(new Event('change', { bubbles: true }));
            field.blur();
            if (!('autosave' in form.dataset)) {
                button ? button.click() : form.requestSubmit();
            }

            return said;
        },
    };
}

test('each form that a script sends takes what is typed and clicked at once', async ({ page, app }) => {
    test.slow();
    const faults = [];
    const sorts = new Set();
    let typed = 0;
    page.on('dialog', (dialog) => dialog.accept());
    const state = () => page.evaluate(() => ({ revisions: JSON.parse(document.body.dataset.revisions ?? '{}'), token: document.querySelector('meta[name="csrf-token"]')?.content }));
    await page.addInitScript(crawl);
    const linksOf = (base) => page.evaluate((from) => [...document.querySelectorAll('nav a:not([download]), a[data-refresh]:not([download])')].map((a) => a.href.split('#')[0]).filter((href) => href.startsWith(from)), base);
    /** Pages that ask for the same: which device or control is picked makes no other page, but on Assign, by what kind of thing it is. */
    const sortOf = (href) => {
        const { pathname, searchParams } = new URL(href);
        const kind = pathname.endsWith('/assign') ? (searchParams.get('ref') ?? '').split(/[/.]/).slice(1).map((word) => word.replace(/^(left|right)-|-?\d+$/g, '')) : '';
        const asks = [...searchParams].filter(([name]) => !['device', 'ref', 'layer'].includes(name)).map(([name, value]) => (['do', 'more', 'show', 'part', 'group', 'side', 'new'].includes(name) ? `${name}=${value}` : name));

        return `${pathname} ${kind} ${asks.sort()}`;
    };
    for (const [set, most] of Object.entries(MOST_PAGES)) {
        const base = `${app.url}/sets/${set}/`;
        const queue = [`${base}rig`];
        const asked = new Set(queue.map(sortOf));
        for (let read = 0; queue.length > 0 && read < most; read++) {
            const url = queue.shift();
            const look = async () => {
                const answer = await page.goto(url);
                expect(answer.status(), url).toBe(200);
            };
            await look();
            for (const href of await linksOf(base)) {
                if (!asked.has(sortOf(href))) {
                    asked.add(sortOf(href));
                    queue.push(href);
                }
            }
            for (const { sort, action, isPost, isTyped } of await page.evaluate(() => window.crawl.forms())) {
                if (sorts.has(sort)) {
                    continue;
                }
                const called = `${url.slice(app.url.length)} → ${action} (${sort.split(' | ')[2]})`;
                const before = await state();
                const path = new URL(action, url).pathname;
                const [sentBy, said] = await Promise.all([
                    page.waitForRequest((one) => new URL(one.url()).pathname === path && (one.method() === 'POST') === isPost && ['document', 'fetch'].includes(one.resourceType()), { timeout: 3000 }).catch(() => null),
                    page.evaluate((asks) => window.crawl.typeAndClick(asks), sort),
                ]);
                // The page may have been laid anew without it.
                said && sorts.add(sort);
                if (!said?.canBeSent) {
                    await look();
                    continue;
                }
                typed += 1;
                if (sentBy === null) {
                    faults.push(`${called}: nothing was sent`);
                    await look();
                    continue;
                }
                const sent = isPost ? (sentBy.postData() ?? '') : new URL(sentBy.url()).search.slice(1);
                const isIn = (written, value = written.replaceAll(/\r?\n/g, '\r\n')) => (sent.includes('form-data') ? sent.includes(`name="${said.name}"\r\n\r\n${value}\r\n`) : new URLSearchParams(sent).getAll(said.name).includes(value));
                if (said.value === null ? isIn('on') : said.value !== '' && !isIn(said.value)) {
                    faults.push(`${called}: ${said.name} was “${said.value}” as the button was clicked, sent was ${sent.slice(0, 300)}`);
                }
                if (isPost && isTyped && !said.isAsked) {
                    faults.push(`${called}: who leaves with ${said.name} unsent is not asked`);
                }
                const answer = await sentBy.response();
                if (answer === null || answer.status() >= 400) {
                    faults.push(`${called}: answered ${answer?.status() ?? 'nothing'}`);
                }
                await page.waitForLoadState();
                await page.waitForFunction(() => !document.body.classList.contains('is-saving'));
                const problem = await page.evaluate(() => [...document.querySelectorAll('.notice--problem')].map((one) => one.textContent.trim()).join(' '));
                if (/\b(undefined|null|NaN|object|array)\b|[a-z]_[a-z]|[{}]/.test(problem)) {
                    faults.push(`${called}: refused in words of code: ${problem}`);
                }
                if (problem !== '' && (await page.evaluate(() => document.body.innerText)).split(problem.slice(0, 60)).length > 2) {
                    faults.push(`${called}: refused twice: ${problem}`);
                }
                const after = await state();
                const [old, now] = [before.revisions, after.revisions];
                const changed = Object.keys(now).filter((one) => old[one] !== now[one]);
                for (const one of changed) {
                    await page.request.post(`${app.url}/sets/${one}/undo`, { form: { _token: after.token, from: String(now[one]) }, maxRedirects: 0 });
                }
                if (changed.length > 0 || problem !== '' || page.url().split('#')[0] !== url) {
                    const again = await page.goto(url);
                    if (again.status() !== 200) {
                        break;
                    }
                }
            }
        }
    }
    expect(faults, faults.join('\n')).toEqual([]);
    expect(typed, 'forms').toBeGreaterThan(50);
});
