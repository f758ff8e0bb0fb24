import { expect, test } from './app.js';
import { press } from './hands.js';

test('with the keyboard the table is three steps from the top of the page, and the editor one from its cell', async ({ page, app }) => {
    await app.open(page, 'assign', '?layer=base&ref=fennel/mark');
    await page.locator('body').press('Tab');
    await expect(page.locator(':focus')).toHaveText('To the content');
    await page.keyboard.press('Tab');
    await expect(page.locator(':focus')).toHaveText('To the table');
    // Of the cells one takes the focus, the picked one; the filter stands before it.
    await page.keyboard.press('Enter');
    expect(await page.evaluate(() => document.activeElement.closest('[data-cell]')?.dataset.cell)).toBe('base/fennel/mark');
    await page.keyboard.press('ArrowRight');
    expect(await page.evaluate(() => document.activeElement.closest('[data-cell]')?.dataset.cell)).toBe('water/fennel/mark');
    await page.keyboard.press('Enter');
    await expect(page.locator('.editor__where')).toHaveText('On water');
    await page.keyboard.press('e');
    expect(await page.evaluate(() => document.activeElement.closest('#editor') !== null)).toBe(true);
});

test('both sides of the touch panel can be reached and worked', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=clover');
    await page.getByRole('link', { name: 'Page 2' }).click();
    await expect(page.locator('[data-face] [data-contact="clover/tile-40"]')).toBeVisible();
    await expect(page.locator('.comb [data-row="clover/tile-21"]')).toBeInViewport();
    await press(page, 'clover/tile-40');
    await expect(page.locator('.editor__head h2')).toHaveText('Spare 20');
    await expect(page.getByRole('link', { name: 'Page 2' })).toHaveAttribute('aria-current', 'true');
});

test('on the plan an action is given to a control that is pressed on the drawn device', async ({ page, app }) => {
    await app.open(page, 'plan', '?take=fuel-cut');
    await page.getByRole('group', { name: 'Device that is drawn' }).getByRole('link', { name: 'Gorse' }).click();
    await expect(page.locator('[data-face] [data-contact="gorse/button-6"]')).toBeVisible();
    await press(page, 'gorse/button-6');
    await expect(page.locator('#notices')).toContainText('Fuel cut');
    await app.open(page, 'assign', '?layer=base&ref=gorse/button-6');
    await expect(page.locator('[data-cell="base/gorse/button-6"]')).toContainText('Fuel cut');
});

test('wires end at the middle of their rows, also after the head has wrapped and the window has changed', async ({ page, app }) => {
    /** How far, in pixels, the left end of the picked wire is from the middle of the picked row. */
    const off = () => page.evaluate(() => {
        const row = document.querySelector('.comb tr.is-picked').getBoundingClientRect();
        const loom = document.getElementById('loom').getBoundingClientRect();
        const ends = [...document.querySelectorAll('.wire.is-picked')].flatMap((wire) => [...wire.getAttribute('d').matchAll(/M([\d.]+) ([\d.]+)C[\d.]+ [\d.]+ [\d.]+ [\d.]+ ([\d.]+) ([\d.]+)/g)].flatMap((m) => [Number(m[2]), Number(m[4])]));

        return Math.min(...ends.map((y) => Math.abs(y - (row.top + row.height / 2 - loom.top))));
    });
    await page.setViewportSize({ width: 1100, height: 800 });
    await app.open(page, 'assign', '?layer=base&ref=fennel/mark');
    await expect(page.locator('#told summary')).toContainText(/Told: \d/);
    await expect.poll(off).toBeLessThan(1);
    await page.setViewportSize({ width: 1280, height: 760 });
    await expect.poll(off).toBeLessThan(1);
    // Something above the rows grows, and nobody says so.
    await page.evaluate(() => { document.querySelector('.layers').style.paddingBottom = '37px'; });
    await expect.poll(off).toBeLessThan(1);
    // No wire leads to a row that is scrolled away, also when the page begins scrolled.
    await app.open(page, 'assign', '?layer=base&ref=fennel/encoder.plus');
    await expect.poll(off).toBeLessThan(1);
    expect(await page.evaluate(() => {
        const top = document.querySelector('.comb thead th').getBoundingClientRect().bottom - document.getElementById('loom').getBoundingClientRect().top;

        return [...document.querySelectorAll('.wire')].flatMap((wire) => [...wire.getAttribute('d').matchAll(/M[\d.]+ [-\d.]+C[\d.]+ [-\d.]+ [\d.]+ [-\d.]+ ([\d.]+) ([-\d.]+)/g)].map((m) => Number(m[2]))).filter((y) => y < top - 5);
    })).toEqual([]);
    await page.setViewportSize({ width: 390, height: 800 });
    await app.open(page, 'assign', '?layer=base&ref=fennel/mark');
    expect(await page.evaluate(() => window.scrollY), 'on a phone the page stays at its top').toBe(0);
    await page.setViewportSize({ width: 1100, height: 800 });
    const [editor, tape] = [await page.locator('#editor').boundingBox(), await page.locator('#tape').boundingBox()];
    expect(editor.y + editor.height).toBeLessThanOrEqual(tape.y + 1);
    for (const part of await page.locator('#editor > *').all()) {
        const box = await part.boundingBox();
        expect(box.y + box.height).toBeLessThanOrEqual(tape.y + 1);
    }
});

test('Undo says which set it undoes: what is said of the rig is said in its parent', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=bracken&do=arrange');
    await page.locator('[data-face] [data-control="bracken/push-3"]').click();
    await page.locator('#n-name').fill('Wipers');
    await page.locator('#n-name').press('Enter');
    await expect(page.locator('#notices')).toContainText('named "Wipers"');
    await expect(page.locator('#undo button')).toHaveAttribute('title', /^Undo in House: Bracken, /);
    await page.locator('#undo button').click();
    await expect(page.locator('#notices')).toContainText('Undone in House: Bracken, ');
});
