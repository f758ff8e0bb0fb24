import { expect, test } from './app.js';
import { pick, play, press, saved, unfold } from './hands.js';

const box = (page) => page.locator('#choose');
const find = (page) => page.locator('#choose .choose__find');
const told = (page) => page.locator('#choose .choose__says');

test('a stop for two levers is opened by the button that is pressed for it', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    let steps = 0;
    const step = async (does) => { steps += 1; await does(); };
    await step(() => page.locator('#new-stop > summary').click());
    const form = page.locator('#new-stop form');
    await step(() => form.locator('select[name=opener]').click());
    await expect(find(page)).toBeFocused();
    await step(() => press(page, 'fennel/left-thumb'));
    await expect(box(page)).toBeHidden();
    await expect(form.locator('select[name=opener]')).toHaveValue('fennel/left-thumb');
    await step(() => form.locator('.acts > summary').click());
    await step(() => form.locator('.acts label', { hasText: 'Right lever' }).click());
    await step(() => saved(page, () => form.locator('button').last().click()));
    expect(steps).toBeLessThanOrEqual(7);
    const held = await page.evaluate(() => document.querySelector('#place').textContent);
    expect(held).toContain('Left thumb');
    // It does hold both of them, and opens.
    const sentAtTheTop = (opened) => page.evaluate(async (isOpened) => {
        const { live } = window.nailrod;
        const sent = {};
        const keep = ({ detail }) => detail.sent.filter(({ kind }) => kind === 'axis').forEach(({ target, value }) => { sent[target] = value; });
        const settle = () => new Promise((resolve) => { setTimeout(resolve, 250); });
        document.addEventListener('live:answer', keep);
        for (const at of [30_000, 64_900]) {
            live.input('fennel/left-thumb', isOpened && at > 60_000 ? 1 : 0);
            await settle();
            live.input('fennel/left-lever', at);
            live.input('fennel/right-lever', at);
            await settle();
        }
        await live.settled();
        document.removeEventListener('live:answer', keep);

        return Object.values(sent).map((value) => Math.round((100 * value) / 65535));
    }, opened);
    expect(await sentAtTheTop(false)).toEqual([92, 92]);
    expect(Math.min(...await sentAtTheTop(true))).toBeGreaterThan(98);
});

test('the button that holds a new layer is pressed; one that does something already says so first; one of another device is taken too', async ({ page, app }) => {
    await pick(page, app, 'fennel/switch-2.up');
    const holder = page.locator('#new-layer select');
    await page.locator('#new-layer summary').click();
    await page.locator('#new-layer input[name=name]').fill('Trim');
    await holder.click();
    await press(page, 'fennel/mark');
    await expect(told(page)).toHaveText(/Fennel · Mark button does something already: Cruise: Drop a sack; On water: .*Press it again/);
    await expect(holder).toHaveValue('');
    await page.waitForTimeout(800);
    await press(page, 'fennel/mark');
    await expect(box(page)).toBeHidden();
    await expect(holder).toHaveValue('fennel/mark');
    // The page has not jumped away meanwhile.
    await expect(page.locator('.comb tr.is-picked')).toHaveAttribute('data-row', 'fennel/switch-2.up');
    await holder.click();
    await page.evaluate(() => { window.nailrod.live.input('fennel/left-lever', 40000); });
    await expect(told(page)).toHaveText('Fennel · Left lever cannot be chosen here.');
    await page.evaluate(() => { window.nailrod.live.input('bracken/push-3', 1); });
    await expect(box(page)).toBeHidden();
    await expect(holder.locator('option:checked')).toHaveText('Bracken · Push 3');
    await saved(page, () => page.locator('#new-layer button').click());
    await page.evaluate(() => { window.nailrod.live.input('bracken/push-3', 0); });
    await page.evaluate(() => { window.nailrod.live.input('bracken/push-3', 1); });
    await expect(page.locator('.layer.is-live, .layer[data-layer="trim"]').last()).toContainText('live');
    await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.layer.name)).toBe('Trim');
});

test('by keyboard alone, a part of a name finds it', async ({ page, app }) => {
    await pick(page, app, 'fennel/switch-2.up');
    await unfold(page, '#transfer [name="to_ref"]');
    const list = page.locator('#transfer [name="to_ref"]');
    await list.focus();
    await page.keyboard.type('gorse trigg ful');
    await expect(find(page)).toHaveValue('gorse trigg ful');
    await expect(box(page).locator('[role=option]')).toHaveCount(1);
    await page.keyboard.press('Enter');
    await expect(list).toBeFocused();
    await expect(list.locator('option:checked')).toHaveText(/^Gorse · Trigger full/);
    await page.keyboard.press('Enter');
    await page.keyboard.type('nothing of the sort');
    await expect(told(page)).toHaveText('Nothing here has “nothing of the sort” in its name.');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(box(page)).toBeHidden();
    await expect(list.locator('option:checked')).toHaveText(/^Gorse · Trigger full/);
});

test('what something depends on is shown by what leads to it', async ({ page, app }) => {
    await pick(page, app, 'fennel/right-thumb');
    const form = page.locator('form.whens');
    await form.locator('select').click();
    await expect(box(page).locator('.is-now')).toHaveText(/always/);
    await find(page).fill('sacks');
    await expect(box(page).locator('[role=option]').first()).toHaveText(/only while Sacks/);
    await page.keyboard.press('Escape');
    await form.locator('select').click();
    await press(page, 'fennel/mark');
    await expect(told(page)).toHaveText('Fennel · Mark button: choose one of these.');
    const texts = await box(page).locator('[role=option]').allInnerTexts();
    expect(texts.length).toBeGreaterThan(1);
    expect(texts.filter((text) => !/Sacks|Mooring/.test(text))).toEqual([]);
    await expect(find(page)).toBeFocused();
    await saved(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('.editor__head .says')).toContainText('only while');
});

test('a key is pressed: with what is held with it, alone, by its side, and as a media key', async ({ page, app }) => {
    await pick(page, app, 'fennel/switch-2.up');
    await unfold(page, '.does [name="does"]');
    await page.locator('.does [name="does"]').selectOption('key');
    const code = page.locator('.does [name="output[code]"]');
    await code.click();
    await expect(page.locator('#choose [data-keys]')).toBeFocused();
    await page.keyboard.press('Control+Shift+F7');
    await expect(box(page)).toBeHidden();
    await expect(code).toHaveValue('F7');
    const held = () => page.locator('.does [name="output[with][]"]:checked').evaluateAll((boxes) => boxes.map(({ value }) => value).sort());
    expect(await held()).toEqual(['ControlLeft', 'ShiftLeft']);
    // The same key, held by the other hand: a box for it is made.
    await code.click();
    await page.keyboard.down('AltRight');
    await page.keyboard.press('F7');
    await page.keyboard.up('AltRight');
    expect(await held()).toEqual(['AltRight']);
    await saved(page, () => page.locator('.does .button').click());
    expect((await play(page, [[0, 'fennel/switch-2.up', 1], [300, 'fennel/switch-2.up', 0]])).map(([what]) => what)).toEqual(['key AltRight', 'key F7']);
    await pick(page, app, 'fennel/switch-2.up');
    await unfold(page, '.does [name="does"]');
    await code.click();
    await page.keyboard.press('ShiftRight');
    await expect(code).toHaveValue('ShiftRight');
    expect(await held()).toEqual([]);
    // What the game takes already is said first, and taken when it is pressed once more.
    await code.click();
    await page.keyboard.press('Shift+KeyB');
    await expect(told(page)).toHaveText(/^Shift\+B: the game takes it for .*Press it again/);
    await page.keyboard.press('Shift+KeyB');
    await expect(code).toHaveValue('KeyB');
    await code.click();
    await page.keyboard.press('Alt+Tab');
    await expect(told(page)).toHaveText(/^Alt\+Tab: .*the desktop keeps for/);
    await page.mouse.click(5, 400);
    await expect(code).toHaveValue('KeyB');
    await code.click();
    await page.evaluate(() => window.dispatchEvent(new KeyboardEvent('keydown', { code: 'AudioVolumeUp', bubbles: true })));
    await expect(page.locator('.does [name="does"]')).toHaveValue('consumer control');
    await expect(page.locator('.does [name="output[usage]"] option:checked')).toHaveText('Volume up');
    await saved(page, () => page.locator('.does .button').click());
    await expect(page.locator('.editor__does .outputs')).toContainText('Volume up');
});
