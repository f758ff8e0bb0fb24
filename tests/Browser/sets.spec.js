import { expect, test } from './app.js';
import { change, flip, latch, moveLever, press, unfold } from './hands.js';

test('another set is picked in the bar and stays through all places', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await page.locator('.sets__path').click();
    await page.locator('.sets__list').getByText('House').click();
    await expect(page).toHaveURL(/sets\/house\/shape/);
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/sets\/house\/assign/);
    await expect(page.locator('.loom__actions')).toContainText('has no simulator');
});

test('an edit of the house set reaches the sets that inherit from it, and what they say themselves stays', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await change(page, '#curve-k', 20);
    await page.goto(`${app.url}/sets/house/shape?axis=fennel/left-lever`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await change(page, '#dead_zones-low', 9);
    await change(page, '#curve-k', -40);
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await expect(page.locator('#dead_zones-low')).toHaveValue('9');
    await expect(page.locator('#curve-k')).toHaveValue('20');
    await expect(page.locator('.plot__parent')).toHaveCount(1);
});

test('a layer is made, gets a meaning, works, and goes again', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=fennel');
    await page.getByText('New layer').click();
    await page.locator('#new-layer [name="name"]').fill('Radio');
    await page.locator('#new-layer [name="holder"]').selectOption('fennel/left-thumb');
    await page.locator('#new-layer').getByText('Make it').click();
    await expect(page.locator('.layer').nth(2)).toContainText('hold Left thumb');
    await page.locator('[data-cell="radio/fennel/mark"] a').click();
    await expect(page.locator('.editor__head .says')).toHaveText('Radio says nothing of Mark button, so it does as in Cruise: Drop a sack · pulse 60 ms.');
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('channel up');
    await page.getByPlaceholder('Type an action, Enter assigns it').press('Enter');
    await expect(page.locator('[data-cell="radio/fennel/mark"]')).toContainText('Channel up');
    await latch(page, 'fennel/left-thumb');
    await expect(page.locator('.layer.is-live')).toContainText('Radio');
    await press(page, 'fennel/mark');
    await expect(page.locator('#tape-lines')).toContainText('layer Radio → pulse 60 ms → Channel up → key Page up → Skerrywing: Channel 8');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-cell="radio/fennel/mark"]')).not.toContainText('Channel up');
    await expect(page.locator('.layer.is-live')).toContainText('Radio');
});

test('a cell is set to a key, to nothing, cleared and given back', async ({ page, app }) => {
    await app.open(page, 'assign', '?layer=base&ref=fennel/ring');
    await expect(page.locator('[data-cell="base/fennel/ring"]')).toContainText('House');
    await page.locator('.does [name="does"]').selectOption('key');
    await page.locator('.does [name="output[code]"]').selectOption('KeyR');
    await page.locator('.does .choice').getByText('Shift', { exact: true }).click();
    await page.locator('.does .button').click();
    await expect(page.locator('[data-cell="base/fennel/ring"]')).toContainText('key Shift+R');
    await press(page, 'fennel/ring', 120);
    await expect(page.locator('#tape-lines')).toContainText('Fennel · Ring lever closed → layer Cruise → follow → key Shift+R');
    await page.getByRole('button', { name: 'Nothing', exact: true }).click();
    await expect(page.locator('[data-cell="base/fennel/ring"]')).toHaveClass(/cell--nothing/);
    await page.getByRole('button', { name: 'Give back', exact: true }).click();
    await expect(page.locator('[data-cell="base/fennel/ring"]')).toContainText('hold On water');
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
    await expect(page.locator('[data-cell="base/fennel/ring"]')).toHaveClass(/cell--fall/);
});

test('picking an action, a row or a control lights all three', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=gorse');
    await page.locator('.action[data-action="pitot-heat-on"]').click();
    await expect(page.locator('[data-cell="base/fennel/switch-1.up"]')).toHaveClass(/is-picked/);
    await expect(page.locator('.action[data-action="pitot-heat-on"]')).toHaveClass(/is-picked/);
    await expect(page.locator('.control[data-control="fennel/switch-1"]')).toHaveClass(/is-lit/);
    await expect(page.locator('.wire.is-picked')).toHaveCount(2);
    await press(page, 'fennel/right-thumb');
    await expect(page.locator('[data-cell="base/fennel/right-thumb"]')).toHaveClass(/is-picked/);
    await expect(page.locator('.action[data-action="starter"]')).toHaveClass(/is-picked/);
    await page.locator('[data-cell="base/fennel/mark"] a').click();
    await expect(page.locator('.control[data-control="fennel/mark"]')).toHaveClass(/is-lit/);
    await expect(page.locator('.action[data-action="drop-sack"]')).toHaveClass(/is-picked/);
});

test('the way by which an action reaches the game is chosen, and the game answers by it', async ({ page, app }) => {
    await app.open(page, 'assign', '?layer=base&ref=fennel/mark');
    await page.locator('[name="way"]').selectOption({ label: 'key D' });
    await expect(page.locator('.action[data-action="drop-sack"] .way')).toHaveText('key D');
    await press(page, 'fennel/mark');
    await expect(page.locator('#tape-lines')).toContainText('Drop a sack → key D → Skerrywing: Sacks dropped 1');
});

test('a stop is taken away, and undo brings it back open as it was', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await unfold(page, '#new-stop form');
    const fresh = page.locator('#new-stop form');
    await fresh.locator('[name="opener"]').selectOption('fennel/left-thumb');
    await fresh.getByText('held', { exact: true }).click();
    await fresh.getByText('Put the stop in').click();
    await expect(page.locator('.part--stop .part__says')).toContainText('unless Left thumb is held');
    await moveLever(page, 'fennel/left-lever', 1);
    await latch(page, 'fennel/left-thumb');
    await expect(page.locator('[data-stop-state]')).toHaveText('open');
    await expect(page.locator('#live-text')).toHaveText('travel 100.0 %, sent 100.0 %');
    await latch(page, 'fennel/left-thumb');
    await expect(page.locator('#live-text')).toHaveText('travel 100.0 %, sent 92.0 %');
    await page.getByText('Take the stop Cruise away').click();
    await expect(page.locator('.panel__part--stop')).toHaveCount(0);
    await expect(page.locator('#live-text')).toHaveText('travel 100.0 %, sent 100.0 %');
    await page.keyboard.press('Control+z');
    await expect(page.locator('.panel__part--stop')).toHaveCount(1);
    await expect(page.locator('#live-text')).toHaveText('travel 100.0 %, sent 92.0 %');
});

test('an edit while the server is gone is told and what was typed stays', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await unfold(page, '#curve-k');
    await app.stop();
    await page.locator('#curve-k').fill('44');
    await page.locator('#curve-k').press('Enter');
    await expect(page.locator('#notices')).toContainText('Not saved: the server does not answer.');
    await expect(page.locator('#curve-k')).toHaveValue('44');
    await app.start();
    await expect(page.locator('#offline')).toBeHidden();
    await change(page, '#curve-k', 45);
    await expect(page.locator('.panel')).toContainText('Expo 45 %');
});

test('the theme is turned and kept', async ({ page, app }) => {
    await app.open(page, 'rig');
    const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    const light = await paper();
    await page.keyboard.press('t');
    await page.keyboard.press('t');
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    expect(await paper()).not.toBe(light);
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('fingers work the drawn devices', async ({ browser, app }) => {
    const context = await browser.newContext({ hasTouch: true, viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await app.open(page, 'rig');
    const box = await page.locator('[data-flip="fennel/switch-1.up"] .cap').boundingBox();
    await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
    await expect(page.locator('[data-now="fennel/switch-1.up"]')).toHaveText('closed');
    await expect(page.locator('#tape-lines')).toContainText('Skerrywing: Pitot heat on');
    await flip(page, 'fennel/switch-1.up');
    await expect(page.locator('#tape-lines')).toContainText('Skerrywing: Pitot heat off');

    // Two fingers hold two buttons, and each lets go of its own.
    const touch = await context.newCDPSession(page);
    const on = async (port, id) => {
        const { x, y, width, height } = await page.locator(`[data-press="${port}"]`).boundingBox();

        return { x: x + width / 2, y: y + height / 2, id };
    };
    const [mark, left] = [await on('fennel/mark', 1), await on('fennel/left-thumb', 2)];
    const fingers = (type, touchPoints) => touch.send('Input.dispatchTouchEvent', { type, touchPoints });
    const isNow = async (port, state) => expect(page.locator(`[data-now="${port}"]`)).toHaveText(state);
    await fingers('touchStart', [mark]);
    await fingers('touchStart', [mark, left]);
    await isNow('fennel/mark', 'closed');
    await isNow('fennel/left-thumb', 'closed');
    await fingers('touchEnd', [mark]);
    await isNow('fennel/mark', 'open');
    await isNow('fennel/left-thumb', 'closed');
    await fingers('touchEnd', [left]);
    await isNow('fennel/left-thumb', 'open');
    await context.close();
});
