import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './app.js';

/** Every place, with something picked on it, and what of it unfolds. */
const PLACES = [
    ['rig'], ['rig', '?device=sedge&do=measure&ref=sedge/rudder'], ['rig', '?device=bracken&do=arrange'], ['shape'], ['plan', '?propose=all'], ['plan', '?propose=all&devices[]=bracken&by=key'],
    ['assign', '?layer=base&ref=fennel/switch-1.up'], ['assign', '?device=fennel&pair=fennel/switch-2.up'], ['assign', '?layer=water&ref=fennel/mark&more=numbers'],
    ['roles'], ['actions'], ['layers'], ['macros'], ['lamps'], ['bench', '', '#paper summary'], ['recordings'], ['store'], ['carry', '?old=gorse&new=bracken'], ['sets', '', '#columns summary'],
];

async function show(page, app, [place, query = '', unfolds = '']) {
    await app.open(page, place, query);
    if (unfolds !== '') {
        await page.locator(unfolds).click();
    }
}

for (const scheme of ['light', 'dark']) {
    test(`every place can be used by everyone, ${scheme}`, async ({ page, app }) => {
        await page.emulateMedia({ colorScheme: scheme });
        for (const place of PLACES) {
            await show(page, app, place);
            // In the dark nothing but the colours is another.
            const axe = new AxeBuilder({ page });
            const { violations } = await (scheme === 'dark' ? axe.withRules(['color-contrast']) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])).analyze();
            expect(violations.map(({ id, nodes }) => `${place.join('')}: ${id} ${nodes.map((node) => node.target.join(' ')).slice(0, 3).join(', ')}`)).toEqual([]);
        }
    });
}

test('nothing runs off the page from 1100 px upward, and nothing is asked of another address', async ({ page, app }) => {
    const foreign = [];
    page.on('request', (request) => !request.url().startsWith(app.url) && !request.url().startsWith('data:') && foreign.push(request.url()));
    for (const width of [1100, 1280, 1920]) {
        await page.setViewportSize({ width, height: 800 });
        for (const place of PLACES) {
            await show(page, app, place);
            const over = await page.evaluate(() => ({
                across: document.documentElement.scrollWidth - innerWidth,
                down: document.documentElement.scrollHeight - innerHeight,
                columns: [...document.querySelectorAll('.column, .loom__editor')].filter((column) => column.getBoundingClientRect().bottom > document.getElementById('tape').getBoundingClientRect().top + 1).map((column) => column.className),
            }));
            expect({ place, width, ...over }).toEqual({ place, width, across: 0, down: 0, columns: [] });
        }
    }
    expect(foreign).toEqual([]);
});

test('the pages still read without scripts', async ({ browser, app }) => {
    const context = await browser.newContext({ javaScriptEnabled: false });
    const page = await context.newPage();
    for (const [place, words] of [['rig', 'Left lever'], ['shape', 'Dead zones'], ['assign', 'Propeller pitch'], ['bench', 'Mooring line'], ['store', 'Write to Fennel']]) {
        await page.goto(`${app.url}/sets/skerrywing/${place}`);
        await expect(page.locator('#place')).toContainText(words);
    }
    await page.goto(`${app.url}/sets/skerrywing/shape?axis=fennel/left-lever`);
    await page.locator('#new-stop > summary').click();
    await page.locator('#new-stop form [name="name"]').fill('Hold');
    await page.locator('#new-stop form').getByText('Put the stop in').click();
    await expect(page.locator('.part--stop .part__says')).toContainText('at or below 92 %');
    await context.close();
});

test('what writes needs the token of the page, and only its own address is answered', async ({ page, app }) => {
    await app.open(page, 'rig');
    expect((await page.request.post(`${app.url}/sets/skerrywing/undo`)).status()).toBe(419);
    expect((await page.request.post(`${app.url}/sets/skerrywing/store/fennel`)).status()).toBe(419);
    expect((await page.request.get(`${app.url}/sets/skerrywing/rig`, { headers: { Host: 'example.org' } })).status()).toBe(421);
    const response = await page.request.get(`${app.url}/sets/skerrywing/rig`);
    expect(response.headers()['content-security-policy']).not.toContain('unsafe');
    expect(response.headers()['x-content-type-options']).toBe('nosniff');
});
