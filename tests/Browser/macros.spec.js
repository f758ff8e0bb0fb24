import { expect, test } from './app.js';
import { assign, change, pick, play, saved } from './hands.js';

const bars = (page) => page.locator('#timeline .bar').evaluateAll((all) => all.map((bar) => [bar.getAttribute('aria-label'), Number(bar.dataset.from) / 1000, Number(bar.dataset.to) / 1000]));
const make = async (page, app, name) => {
    await app.open(page, 'macros');
    await page.getByPlaceholder('Harbour call').fill(name);
    await saved(page, () => page.getByRole('button', { name: 'Make it' }).click());
    await expect(page.locator('.macros__name input[name="name"]')).toHaveValue(name);
};
/** Keys that were pressed down, in their order. */
const typed = (page, does) => page.evaluate(async (ref) => {
    const sent = [];
    const keep = ({ detail }) => sent.push(...detail.sent.filter((event) => event.kind === 'key' && event.value === 1).map((event) => event.target));
    document.addEventListener('live:answer', keep);
    if (ref) {
        window.nailrod.live.input(ref, 1);
        window.nailrod.live.input(ref, 0);
    } else {
        document.querySelector('[data-try-macro]').click();
    }
    await new Promise((resolve) => { setTimeout(resolve, 1800); });
    document.removeEventListener('live:answer', keep);

    return sent;
}, does);

test('a macro is made of steps, dragged, typed, played against the game, and given to a button', async ({ page, app }) => {
    await make(page, app, 'Three horns');
    await page.locator('.does [name="does"]').selectOption('action');
    await page.locator('.does [name="output[action]"]').selectOption({ label: 'Horn' });
    await page.locator('.does [name="lasts"]').fill('100');
    await saved(page, () => page.getByText('Add at the end').click());
    await page.locator('.does [name="does"]').selectOption('key');
    await page.locator('.does [name="output[code]"]').selectOption('KeyB');
    await saved(page, () => page.getByText('Add at the end').click());
    expect(await bars(page)).toEqual([['Horn', 0, 100], ['key B', 100, 160]]);
    const box = await page.locator('.bar[aria-label="key B"] rect').first().boundingBox();
    const width = (await page.locator('#timeline').boundingBox()).width;
    await page.mouse.move(box.x + box.width / 3, box.y + 8);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 3 + width / 4, box.y + 8, { steps: 5 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    expect((await bars(page))[1], 'Escape lets a drag be').toEqual(['key B', 100, 160]);
    await page.mouse.move(box.x + box.width / 3, box.y + 8);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 3 + width / 4, box.y + 8, { steps: 5 });
    await saved(page, () => page.mouse.up());
    expect((await bars(page))[1]).toEqual(['key B', 150, 210]);
    await page.locator('.bar[aria-label="key B"]').focus();
    await saved(page, () => page.keyboard.press('ArrowLeft'));
    await saved(page, () => page.keyboard.press('Alt+ArrowRight'));
    expect((await bars(page))[1]).toEqual(['key B', 140, 210]);
    await change(page, '[data-step="0"] [name="starts"]', 20);
    await change(page, '[data-step="1"] [name="lasts"]', 35);
    await expect(page.locator('.macros__line > .says')).toHaveText('Waits 20 ms, presses Horn for 100 ms, waits 20 ms, presses key B for 35 ms. 175 ms in all.');
    await page.getByRole('button', { name: 'Play it' }).click();
    await expect(page.locator('#tape-lines')).toContainText('Tried on its page → macro Three horns → Horn → output 3 on');
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'macro', { macro: 'three-horns' });
    await expect(page.locator('.editor__head .says')).toHaveText('When Left thumb closes in Cruise: plays Three horns.');
    expect(await play(page, [[0, 'fennel/left-thumb', 1], [20, 'fennel/left-thumb', 0]])).toEqual([['button 3', 0], ['key KeyB', 120_000]]);
    await app.open(page, 'macros', '?macro=three-horns');
    await expect(page.locator('.uses')).toHaveText(/Fennel Left thumb in Cruise plays it/);
    await expect(page.locator('.pick[aria-current]')).toContainText('175 ms · 1 use');
    await saved(page, () => page.getByRole('button', { name: 'Delete' }).click());
    await pick(page, app, 'fennel/left-thumb');
    await expect(page.locator('[data-cell="base/fennel/left-thumb"]')).toHaveClass(/cell--fall/);
});

test('a harbour call is typed for two layouts and sent with Enter, and what a layout cannot type is said', async ({ page, app }) => {
    await make(page, app, 'Call');
    await page.locator('.does [name="does"]').selectOption('type');
    await page.locator('.does [name="text"]').fill('Zoë 7?\n');
    await saved(page, () => page.getByText('Add at the end').click());
    await expect(page.locator('.says--warn')).toHaveText('Call: US English has no key for ë: it is left out of “Zoë 7?↵”.');
    expect(await typed(page)).toEqual(['ShiftLeft', 'KeyZ', 'KeyO', 'Space', 'Digit7', 'ShiftLeft', 'Slash', 'Enter']);
    await saved(page, () => page.locator('.retype [name="layout"]').selectOption('french'));
    await expect(page.locator('.says--warn')).toHaveCount(0);
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'macro', { macro: 'call' });
    expect(await typed(page, 'fennel/left-thumb')).toEqual(['ShiftLeft', 'KeyW', 'KeyO', 'ShiftLeft', 'BracketLeft', 'KeyE', 'Space', 'ShiftLeft', 'Digit7', 'ShiftLeft', 'KeyM', 'Enter']);
});

test('a macro is recorded from the keyboard and from the rig', async ({ page, app }) => {
    await make(page, app, 'Recorded');
    await page.locator('[data-steps-from="keys"]').click();
    await page.keyboard.down('Control');
    await page.waitForTimeout(60);
    await page.keyboard.press('KeyK');
    await page.keyboard.up('Control');
    await saved(page, () => page.locator('[data-steps-from="keys"]').click());
    const [control, key] = await bars(page);
    expect([control[0], control[1], key[0]]).toEqual(['key Ctrl', 0, 'key K']);
    expect(key[1]).toBeGreaterThan(40);
    expect(control[2]).toBeGreaterThanOrEqual(key[2]);
    await page.locator('[data-steps-from="rig"]').click();
    await page.evaluate(async () => {
        window.nailrod.live.input('fennel/mark', 1);
        window.nailrod.live.input('fennel/mark', 0);
        // The pulse is over when the output is told to be off, however long that takes here.
        await new Promise((resolve) => {
            document.addEventListener('live:answer', (event) => {
                if (event.detail.sent.some(({ kind, value }) => kind === 'button' && value === 0)) {
                    resolve(undefined);
                }
            });
        });
    });
    await saved(page, () => page.locator('[data-steps-from="rig"]').click());
    const last = (await bars(page)).at(-1);
    expect([last[0], last[2] - last[1]]).toEqual(['Drop a sack', 60]);
    await page.locator('[data-steps-from="keys"]').click();
    await page.locator('[data-steps-from="keys"]').click();
    await expect(page.locator('[data-record-says]')).toHaveText('Nothing was pressed, so nothing was recorded.');
});

test('a macro is recorded in the middle of the game by one button of the rig and played by another, and one step back undoes it', async ({ page, app, context }) => {
    await make(page, app, 'Island round');
    await page.locator('[name="about"]').fill('Mail for three islands');
    await saved(page, () => page.locator('[name="about"]').press('Enter'));
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'record macro', { macro: 'island-round' });
    await pick(page, app, 'fennel/right-thumb');
    await assign(page, 'play recorded');
    await expect(page.locator('.editor__head .says')).toContainText('play what was recorded last');
    // Nothing was recorded yet.
    expect(await play(page, [[0, 'fennel/right-thumb', 1], [40, 'fennel/right-thumb', 0]])).toEqual([]);
    // A second window looks at the macro meanwhile.
    const other = await context.newPage();
    await other.goto(`${app.url}/sets/skerrywing/macros?macro=island-round`);
    await other.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.evaluate(() => ['fennel/left-thumb', 'fennel/left-thumb'].forEach((port, i) => window.nailrod.live.input(port, 1 - i)));
    await expect(page.locator('[data-record-macro]')).toHaveText('recording Island round');
    await expect(other.locator('[data-record-macro]')).toHaveText('recording Island round');
    expect((await play(page, [[0, 'fennel/mark', 1], [60, 'fennel/mark', 0], [200, 'fennel/switch-1.up', 1]])).map(([what]) => what)).toEqual(['button 4', 'button 5']);
    await page.evaluate(() => ['fennel/left-thumb', 'fennel/left-thumb'].forEach((port, i) => window.nailrod.live.input(port, 1 - i)));
    await expect(page.locator('#tape')).toContainText('ends recording macro Island round');
    // It plays at once, before and after it is in the set.
    expect((await play(page, [[0, 'fennel/right-thumb', 1], [40, 'fennel/right-thumb', 0]])).map(([what]) => what)).toEqual(['button 4', 'button 5']);
    await expect(other.locator('#news')).toContainText('"Island round" was recorded from the rig: 2 presses');
    expect((await bars(other)).map(([what]) => what)).toEqual(['Drop a sack', 'Pitot heat on']);
    await expect(other.locator('.says').first()).toContainText('Presses Drop a sack for 60 ms');
    await expect(other.locator('#moved')).toBeHidden();
    expect((await play(page, [[0, 'fennel/right-thumb', 1], [40, 'fennel/right-thumb', 0]])).map(([what]) => what)).toEqual(['button 4', 'button 5']);
    await page.goto(`${app.url}/sets/skerrywing/sets`);
    await expect(page.locator('#revisions')).toContainText('the rig');
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('#place')).toContainText('record Island round can only be done by Nailrod itself');
    const summary = await (await page.request.get(`${app.url}/sets/skerrywing/summary`)).text();
    expect(summary).toContain('Mail for three islands. Presses Drop a sack');
    await saved(other, () => other.keyboard.press('Control+z'));
    expect(await bars(other)).toEqual([]);
    await other.close();
});

test('a macro is switched on and off by a flag, and a lamp shows the flag', async ({ page, app }) => {
    await pick(page, app, 'fennel/right-thumb');
    await page.locator('#new-flag summary').click();
    await page.locator('#new-flag [name="name"]').fill('Armed');
    await saved(page, () => page.locator('#new-flag .button').click());
    await assign(page, 'flag', { behaviour: 'toggle' });
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'macro', { macro: 'three-sacks' });
    await app.open(page, 'macros', '?macro=three-sacks');
    await saved(page, () => page.locator('[name="when[0]"]').selectOption('flag armed up'));
    await app.open(page, 'lamps', '?device=fennel');
    await page.locator('#lamp-while [name="say[lamp]"]').selectOption('fennel/lamp-5');
    await page.locator('#lamp-while [name="say[while]"]').selectOption('flag armed up');
    await page.locator('#lamp-while [name="say[colour]"]').selectOption('amber');
    await saved(page, () => page.getByText('Light it so').click());
    await expect(page.locator('.lamps__rules')).toContainText('Lamp 5 is amber while Armed is up.');
    expect(await play(page, [[0, 'fennel/left-thumb', 1], [20, 'fennel/left-thumb', 0]])).toEqual([]);
    await play(page, [[0, 'fennel/right-thumb', 1], [20, 'fennel/right-thumb', 0]]);
    await expect(page.locator('[data-lamp="fennel/lamp-5"]')).toHaveClass(/is-lit/);
    await expect(page.locator('[data-lamp="fennel/lamp-5"]')).toHaveAttribute('data-colour', 'amber');
    expect((await play(page, [[0, 'fennel/left-thumb', 1], [20, 'fennel/left-thumb', 0]]))[0]).toEqual(['button 3', 0]);
});

test('a row of lamps shows a value band by band, and flashes above its limit', async ({ page, app }) => {
    await app.open(page, 'lamps', '?rule=engine&device=rowan');
    await expect(page.locator('.lamps__rules')).toContainText('Rev 1 to Rev 10 show Engine speed from 0 to 100, green up to 60, amber up to 80, red up to 100, flashing above 95, at 80 %.');
    const lit = () => page.locator('[data-lamp^="rowan/rev-"]').evaluateAll((all) => all.map((lamp) => (lamp.classList.contains('is-lit') ? lamp.dataset.colour[0] : '-') + (lamp.classList.contains('is-flashing') ? '!' : '')).join(''));
    // The engine speed follows the power that the lever sends: 2 and 1.5 % of its travel are dead.
    const runs = (rpm) => page.evaluate((value) => window.nailrod.live.input('fennel/left-lever', Math.round(812 + (0.02 + 0.965 * value / 100) * (64903 - 812))), rpm);
    await change(page, '#lamp-shows [name="say[flash_above]"]', 72);
    await expect(page.locator('.lamps__rules')).toContainText('flashing above 72');
    await runs(71);
    await expect.poll(lit).toMatch(/^g{6}a-{3}$/);
    await saved(page, () => page.locator('#lamp-shows [name="say[coloured]"]').selectOption('whole'));
    await runs(73);
    await expect.poll(lit).toMatch(/^(a!){7}-{3}$/);
    await saved(page, () => page.locator('.lamps__rules').getByRole('button', { name: /Take away/ }).click());
    await expect.poll(lit).toBe('-'.repeat(10));
});

for (const from of ['From the rig', 'From the keyboard']) {
    test(`steps that are recorded ${from.toLowerCase()} are no recording of the rig`, async ({ page, app }) => {
        await make(page, app, 'By hand');
        await page.getByRole('button', { name: from, exact: true }).click();
        if (from === 'From the rig') {
            await page.evaluate(() => window.nailrod.live.input('fennel/mark', 1));
            await page.evaluate(() => window.nailrod.live.input('fennel/mark', 0));
        } else {
            await page.keyboard.press('j');
        }
        await expect(page.locator('[data-record-says]')).toContainText(/^1 (sent|pressed)/);
        await expect(page.locator('[data-record]')).toHaveAttribute('aria-pressed', 'false');
        await expect(page.locator('#recorder [data-record-name]')).toBeHidden();
        await saved(page, () => page.getByRole('button', { name: 'Stop', exact: true }).click());
        await expect(page.locator('#timeline .bar')).toHaveCount(1);
        await app.open(page, 'recordings');
        await expect(page.locator('[data-play]')).toHaveCount(0);
    });
}
