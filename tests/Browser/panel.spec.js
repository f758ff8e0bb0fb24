import { expect, test } from './app.js';
import { saved } from './hands.js';

/** Panels: drawn at the desk by mouse and keys, worked in the hand by fingers. */

const draw = async (page, app) => {
    await page.goto(`${app.url}/sets/skerrywing/panel`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.locator('.inline-new [name="name"]').fill('Mail route');
    await saved(page, () => page.getByRole('button', { name: 'Draw it' }).click());
};
const tile = (page, id) => page.locator(`[data-draw-tile="${id}"]`);
/** Picks a tile; the form beside is its own then. */
const choose = async (page, id) => {
    await tile(page, id).click();
    await expect(tile(page, id)).toHaveAttribute('aria-current', 'true');
};
const propose = async (page, group) => {
    await page.locator('#panel-group').selectOption(group);
    await saved(page, () => page.getByRole('button', { name: 'Make the page' }).click());
};
const middle = async (locator) => {
    const box = await locator.boundingBox();

    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};
const drag = async (page, from, to) => {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await page.mouse.up();
};

/** Fingers on a screen, by the protocol of the browser: each has a number. */
const fingers = async (page) => {
    const session = await page.context().newCDPSession(page);
    const on = new Map();
    const tell = (type) => session.send('Input.dispatchTouchEvent', { type, touchPoints: [...on].map(([id, { x, y }]) => ({ id, x, y })) });

    return {
        down: (id, at) => { on.set(id, at); return tell('touchStart'); },
        move: (id, at) => { on.set(id, at); return tell('touchMove'); },
        // One that is missing was lifted; the last one ends it.
        up: (id) => { on.delete(id); return tell(on.size > 0 ? 'touchMove' : 'touchEnd'); },
    };
};

test('a panel is drawn by mouse: from the strip, moved, stretched, coloured, a page of a group; taken back and as new', async ({ page, app }) => {
    await draw(page, app);
    await expect(page.locator('.picks')).toContainText('1 page, 0 tiles, shown');
    const plate = await page.locator('.panels__grid').boundingBox();
    const cell = (column, row) => ({ x: plate.x + plate.width * ((column + 0.5) / 4), y: plate.y + plate.height * 0.05 + 0 * row + 40 });
    await saved(page, () => page.locator('[data-tile-kind="press"]').click());
    await expect(tile(page, 'press')).toHaveAttribute('data-column', '0');
    const strip = await middle(page.locator('[data-tile-kind="slide"]'));
    await saved(page, () => drag(page, strip, cell(3, 0)));
    await expect(tile(page, 'slide')).toHaveAttribute('data-down', '3');
    await saved(page, async () => drag(page, await middle(tile(page, 'press')), cell(1, 0)));
    await expect(tile(page, 'press')).not.toHaveAttribute('data-column', '0');
    const box = await tile(page, 'press').locator('[data-corner]').boundingBox();
    const at = { x: box.x + 0.8 * box.width, y: box.y + 0.8 * box.height };
    await saved(page, () => drag(page, at, { x: at.x, y: at.y + plate.height / 6 }));
    await expect(tile(page, 'press')).toHaveAttribute('data-down', '2');
    await choose(page, 'press');
    await expect(page.locator('.panels__side [name="label"]')).toBeVisible();
    await page.locator('.panels__side [name="label"]').fill('Horn');
    await saved(page, () => page.locator('.panels__side [name="label"]').press('Enter'));
    await saved(page, () => page.locator('.panels__side [name="colour"]').selectOption('moss'));
    await saved(page, () => page.locator('.panels__end [name="action"]').selectOption({ label: 'Horn · mail' }));
    await expect(page.locator('.panels__end')).toContainText('It: Horn');

    await propose(page, 'radio');
    await expect(page.locator('.panels__drawing .pages a')).toHaveText(['Page 1', 'Radio']);
    await saved(page, () => page.getByRole('button', { name: 'As new', exact: true }).click());
    await page.goto(`${app.url}/sets/skerrywing/rig?device=clover`);
    await expect(page.locator('[data-row="clover/tile-1"]')).toBeVisible();
    await page.goBack();
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await saved(page, () => page.keyboard.press('Control+z'));
    await page.goto(`${app.url}/sets/skerrywing/rig?device=clover`);
    await expect(page.locator('[data-row="clover/press"]')).toContainText('Horn');
});

test('a panel is drawn by the keyboard alone', async ({ page, app }) => {
    await draw(page, app);
    await page.locator('[data-tile-kind="press"]').focus();
    await saved(page, () => page.keyboard.press('Enter'));
    await tile(page, 'press').focus();
    await saved(page, () => page.keyboard.press('ArrowRight'));
    await expect(tile(page, 'press')).toHaveAttribute('data-column', '1');
    await tile(page, 'press').focus();
    await saved(page, () => page.keyboard.press('Shift+ArrowDown'));
    await expect(tile(page, 'press')).toHaveAttribute('data-down', '2');
    await tile(page, 'press').focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('.panels__side [name="label"]')).toBeVisible();
    await tile(page, 'press').focus();
    await saved(page, () => page.keyboard.press('Delete'));
    await expect(tile(page, 'press')).toHaveCount(0);
});

test('in the hand: a tap moves the game and is told at the desk, two fingers at once, one slides off, a page is turned, an edit comes', async ({ page, app, browser }) => {
    test.slow();
    await draw(page, app);
    await propose(page, 'mail');
    await propose(page, 'instruments');
    await saved(page, async () => {
        await page.locator('.panels__drawing .pages a').first().click();
        await expect(page.locator('.panels__drawing .pages a').first()).toHaveAttribute('aria-current', 'true');
        await page.locator('[data-tile-kind="turn to page"]').click();
    });
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const phone = await context.newPage();
    try {
        await phone.goto(`${app.url}/panel/clover`);
        await phone.waitForFunction(() => window.nailrod?.live.picture !== null);
        const touch = await fingers(phone);
        const [horn, sack] = [phone.locator('[data-touch="clover/horn"]'), phone.locator('[data-touch="clover/drop-sack"]')];
        const [onHorn, onSack] = [await middle(horn), await middle(sack)];

        // Two fingers at once: the horn is held while a sack drops.
        await touch.down(1, onHorn);
        await expect(horn).toHaveClass(/is-closed/);
        await touch.down(2, onSack);
        await expect(page.locator('.tape')).toContainText('Skerrywing: Sacks dropped 1');
        await touch.up(2);
        await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.closed.includes('clover/horn'))).toBe(true);

        // The finger slides off: that is a release.
        await touch.move(1, { x: onHorn.x, y: onHorn.y + 500 });
        await expect(horn).not.toHaveClass(/is-closed/);
        await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.closed.includes('clover/horn'))).toBe(false);
        await touch.up(1);

        // Another page, whose tile shows what the game has.
        await phone.locator('.ptile[data-turn]').tap();
        const value = phone.locator('[data-hand-page="2"] .ptile__value').first();
        await expect(value).toHaveText('1 013 hPa');
        await touch.down(3, await middle(phone.locator('[data-touch="clover/altimeter.plus"]')));
        await touch.up(3);
        await expect(value).toHaveText('1 014 hPa');

        // The desk edits the panel: it comes here by itself.
        await choose(page, 'horn');
        await page.locator('.panels__side [name="label"]').fill('Bell');
        await saved(page, () => page.locator('.panels__side [name="label"]').press('Enter'));
        await expect(phone.locator('[data-touch="clover/horn"]')).toHaveText('Bell');
        await expect(phone.locator('[data-hand-page="2"]')).toBeVisible();
        const sizes = await phone.evaluate(() => [...document.querySelectorAll('[data-hand-page="2"] .ptile')].map((one) => [Math.min(one.clientWidth, one.clientHeight), parseFloat(getComputedStyle(one).fontSize)]));
        for (const [size, text] of sizes) {
            // 9 mm at 160 dots per inch.
            expect(size).toBeGreaterThanOrEqual(56);
            expect(text).toBeGreaterThanOrEqual(12);
        }
    } finally {
        await context.close();
    }
});

const end = (page, id) => page.locator(`[data-face="clover"] [data-press="clover/${id}"]`);
const hand = async (browser, app, size = { width: 390, height: 844 }) => {
    const phone = await (await browser.newContext({ viewport: size, hasTouch: true })).newPage();
    await phone.goto(`${app.url}/panel/clover`);
    await phone.waitForFunction(() => window.nailrod?.live.picture !== null || document.querySelector('[data-hand-page]') !== null);

    return phone;
};

test('three pages by the keyboard alone: a page of a group, an action that is typed, an icon found by a word, a value in a text, a cycle of seven', async ({ page, app }) => {
    await draw(page, app);
    const press = async (locator, key = 'Enter') => {
        await locator.focus();
        await page.keyboard.press(key);
    };
    await page.locator('#panel-group').focus();
    await page.keyboard.type('radio');
    await page.keyboard.press('Tab');
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.pages a')).toHaveText(['Radio']);
    await saved(page, () => press(page.getByRole('button', { name: 'One more page' })));
    await saved(page, () => press(page.getByRole('button', { name: 'One more page' })));
    await press(page.locator('.pages a').nth(2));
    await expect(page.locator('.pages a').nth(2)).toHaveAttribute('aria-current', 'true');
    await saved(page, () => press(page.locator('[data-tile-kind="pair"]')));
    await page.locator('.panels__actions input[type=search]').focus();
    await page.keyboard.type('heading mark r');
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.panels__end')).toHaveText([/−: Heading mark left/, /\+: Heading mark right/]);
    await expect(page.locator('.panels__side [name="label"]')).toHaveValue('Heading mark');
    await expect(page.locator('.panels__side [name="text"]')).toHaveValue('{Heading mark}');
    await page.locator('.panels__side [name="icon"]').focus();
    await page.keyboard.type('mast');
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.panels__side [name="icon"]')).toHaveValue('radio-tower');
    await saved(page, () => press(page.locator('[data-tile-kind="only shows"]')));
    await page.locator('[data-insert="text"]').focus();
    await page.keyboard.type('airsp');
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.panels__side [name="text"]')).toHaveValue('{Airspeed}');
    await expect(page.locator('[data-tile="only-shows"] [data-text="{airspeed}"]')).toHaveText('0 %');
    await saved(page, () => press(page.locator('[data-tile-kind="cycle"]')));
    await page.locator('.panels__actions input[type=search]').focus();
    await page.keyboard.type('anchor light');
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.panels__end')).toContainText('Anchor light');
});

test('a tile is dropped on an action of the list, by the mouse and by a finger', async ({ page, app, browser }) => {
    await draw(page, app);
    await saved(page, () => page.locator('[data-tile-kind="locks on"]').click());
    const list = page.locator('[data-drop-action="anchor"]');
    await list.scrollIntoViewIfNeeded();
    await saved(page, async () => drag(page, await middle(tile(page, 'locks-on')), await middle(list)));
    await expect(page.locator('#notices')).toContainText('Anchor');
    await choose(page, 'locks-on');
    await expect(page.locator('.panels__end')).toContainText('Anchor');

    const touch = await (await browser.newContext({ viewport: { width: 1180, height: 820 }, hasTouch: true })).newPage();
    await touch.goto(`${app.url}/sets/skerrywing/panel`);
    await touch.waitForFunction(() => window.nailrod?.live.picture !== null);
    const on = await fingers(touch);
    const way = async (from, to) => {
        await on.down(1, from);
        for (let i = 1; i <= 6; i++) {
            await on.move(1, { x: from.x + ((to.x - from.x) * i) / 6, y: from.y + ((to.y - from.y) * i) / 6 });
        }
        await on.up(1);
    };
    await saved(touch, async () => way(await middle(touch.locator('[data-tile-kind="press"]')), await middle(touch.locator('.panels__grid'))));
    await expect(touch.locator('[data-draw-tile]')).toHaveCount(2);
    const at = async (id) => touch.locator(`[data-draw-tile="${id}"]`).evaluate((one) => [one.dataset.column, one.dataset.row, one.dataset.across, one.dataset.down].map(Number));
    const [column, row] = await at('press');
    const horn = touch.locator('[data-drop-action="horn"]');
    await horn.scrollIntoViewIfNeeded();
    await saved(touch, async () => way(await middle(touch.locator('[data-draw-tile="press"]')), await middle(horn)));
    await expect(touch.locator('[data-draw-tile="press"]')).toHaveAttribute('aria-label', /^Horn,/);
    // Stretched by its corner, then moved.
    const corner = await touch.locator('[data-draw-tile="press"] [data-corner]').boundingBox();
    const cell = await touch.locator('[data-draw-tile="press"] rect').boundingBox();
    await saved(touch, () => way({ x: corner.x + corner.width * 0.7, y: corner.y + corner.height * 0.7 }, { x: corner.x + cell.width, y: corner.y + corner.height * 0.7 }));
    expect(await at('press')).toEqual([column, row, 2, 1]);
    const now = await middle(touch.locator('[data-draw-tile="press"]'));
    await saved(touch, () => way(now, { x: now.x, y: now.y + cell.height * 1.1 }));
    expect(await at('press')).toEqual([column, row + 1, 2, 1]);
    // Two pages more, one of a group, a colour; as new, and back again: all by taps.
    // A tap right after a drag would be taken for the second of two.
    await touch.waitForTimeout(400);
    await saved(touch, () => touch.getByRole('button', { name: 'One more page' }).tap());
    await touch.locator('#panel-group').selectOption('lights');
    await saved(touch, () => touch.getByRole('button', { name: 'Make the page' }).tap());
    await expect(touch.locator('.pages a')).toHaveText(['Page 1', 'Page 2', 'Lights']);
    await touch.locator('.pages a').nth(2).tap();
    await expect(touch.locator('.pages a').nth(2)).toHaveAttribute('aria-current', 'true');
    await touch.locator('[data-draw-tile="wing-lights"]').tap();
    await expect(touch.locator('.panels__side [name="label"]')).toHaveValue('Wing lights');
    await saved(touch, () => touch.locator('.panels__side [name="colour"]').selectOption('plum'));
    await expect(touch.locator('[data-tile="wing-lights"]')).toHaveClass(/layer--2/);
    await saved(touch, () => touch.getByRole('button', { name: 'As new' }).tap());
    await expect(touch.locator('.panels__list')).toContainText('shown: as the device file says');
    await saved(touch, () => touch.getByRole('button', { name: 'Undo' }).tap());
    await expect(touch.locator('.pages a')).toHaveCount(3);
    await touch.context().close();
});

test('one tile makes fast or drops the mooring: the game decides, the tile shows which; what locks on is drawn as on', async ({ page, app, browser }) => {
    await app.open(page, 'bench', '?device=clover&page=5');
    const mooring = page.locator('[data-tile="mooring"]');
    await expect(mooring.locator('[data-next]')).toHaveText('› Cast mooring off');
    await expect(end(page, 'mooring')).toHaveClass(/is-on/);
    const phone = await hand(browser, app);
    await phone.locator('.ptile[data-turn="5"]:visible').click();
    const its = phone.locator('[data-touch="clover/mooring"]');
    await expect(its.locator('[data-next]')).toHaveText('› Cast mooring off');
    const on = await fingers(phone);
    await on.down(1, await middle(its));
    await on.up(1);
    await expect(its.locator('[data-next]')).toHaveText('› Make mooring fast');
    await expect(its).not.toHaveClass(/is-on/);
    await expect(page.locator('[data-variable="mooring"]')).toContainText('cast off');
    await on.down(1, await middle(its));
    await on.up(1);
    await expect(its.locator('[data-next]')).toHaveText('› Cast mooring off');
    await expect(mooring.locator('[data-next]')).toHaveText('› Cast mooring off');
    await phone.context().close();
});

test('a page is saved as a file and taken into the other game with what fits by role; one step back, and it is gone', async ({ page, app }) => {
    await app.open(page, 'panel');
    const [saving] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save this page' }).click()]);
    expect(saving.suggestedFilename()).toBe('radio.panel.json');
    const file = await saving.path();
    await page.goto(`${app.url}/sets/hairpin-ladder/panel`);
    await page.locator('#panel-file').setInputFiles({ name: 'radio.panel.json', mimeType: 'application/json', buffer: (await import('node:fs')).readFileSync(file) });
    await page.getByRole('button', { name: 'Bring pages' }).click();
    await expect(page.getByRole('heading', { name: 'Radio' })).toBeVisible();
    await page.locator('#panel-as').selectOption({ label: 'Pit board, after its pages' });
    await page.getByRole('button', { name: 'Show it with these' }).click();
    await expect(page.locator('caption')).toHaveText('7 of 9 things that its tiles do are here; the other tiles come without what they do.');
    await expect(page.getByRole('row', { name: /^Battery/ })).toContainText('Ignition');
    await expect(page.getByRole('row', { name: /^Squelch/ })).toContainText('nothing: Squelch is not here');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.locator('.pages a')).toHaveText(['Pit', 'Stage', 'Radio']);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.locator('.pages a').nth(2).click();
    await expect(page.locator('[data-tile="battery"]')).toBeVisible();
    await saved(page, () => page.getByRole('button', { name: 'Undo' }).click());
    await expect(page.locator('.pages a')).toHaveText(['Pit', 'Stage']);
    await page.locator('#panel-file').setInputFiles({ name: 'moon.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"nailrod-panel","version":1,"name":"Moon","pages":[]}') });
    await page.getByRole('button', { name: 'Bring pages' }).click();
    await expect(page.locator('body')).toContainText('one page or more');
});
