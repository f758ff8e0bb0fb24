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
        await phone.locator('[data-turn]').tap();
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
