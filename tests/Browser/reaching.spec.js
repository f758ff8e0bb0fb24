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
    await app.asNew('skerrywing');
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
    await app.asNew('skerrywing');
    /** How far, in pixels, the left end of the picked wire is from the middle of the picked row. */
    const off = () => page.evaluate(() => {
        const row = document.querySelector('.comb tr.is-picked').getBoundingClientRect();
        const loom = document.getElementById('loom').getBoundingClientRect();
        const ends = [...document.querySelectorAll('.wire.is-picked')].flatMap((wire) => [...wire.getAttribute('d').matchAll(/M([\d.]+) ([\d.]+)C[\d.]+ [\d.]+ [\d.]+ [\d.]+ ([\d.]+) ([\d.]+)/g)].flatMap((m) => [Number(m[2]), Number(m[4])]));

        return Math.min(...ends.map((y) => Math.abs(y - (row.top + row.height / 2 - loom.top))));
    });
    await page.setViewportSize({ width: 1100, height: 800 });
    await app.open(page, 'assign', '?layer=base&ref=fennel/mark');
    await expect(page.locator('#told > summary')).toContainText(/Told: \d/);
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

/** Goes on by Tab until that has the focus. */
async function tabTo(page, locator, most = 60) {
    for (let n = 0; n < most; n++) {
        if (await locator.evaluate((element) => element === document.activeElement).catch(() => false)) {
            return;
        }
        await page.keyboard.press('Tab');
    }
    await expect(locator).toBeFocused();
}

test('without a mouse: an axis is measured by its drawn lever', async ({ page, app }) => {
    test.slow();
    await app.open(page, 'rig', '?device=fennel&do=measure&ref=fennel/left-lever');
    const lever = page.locator('[data-face] [data-axis="fennel/left-lever"]');
    const phase = page.locator('.steps .is-now');
    await tabTo(page, page.locator('[data-survey="measure"]'));
    await page.keyboard.press('Enter');
    await expect(phase).toContainText('Low end');
    await lever.focus();
    await page.keyboard.press('End');
    await page.keyboard.press('Home');
    await expect(phase).toContainText('High end');
    await page.keyboard.press('End');
    await expect(phase).toContainText('Slow pass');
    for (let tries = 0; tries < 4 && (await phase.count()) > 0; tries++) {
        for (const key of ['ArrowDown', 'ArrowUp']) {
            for (let n = 0; n < 100; n++) {
                await page.keyboard.press(key);
                await page.waitForTimeout(30);
            }
        }
        await page.waitForTimeout(1800);
    }
    await tabTo(page, page.getByRole('button', { name: 'Take what is ticked' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('.measure .verdict--good')).toHaveText('This is how the axis is shaped now.');
    // What was measured does not take over the page of another axis.
    await app.open(page, 'rig', '?device=burdock&do=measure&ref=burdock/switch-b');
    await page.waitForTimeout(600);
    await expect(page).toHaveURL(/ref=burdock\/switch-b$/);
    await expect(page.locator('[data-face] [data-axis="burdock/switch-b"]')).toBeVisible();
});

test('without a mouse: a switch is flipped through its positions', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=burdock&do=measure&ref=burdock/switch-b');
    await tabTo(page, page.getByRole('button', { name: 'It is a switch: flip it through its positions' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-flips-words]')).toContainText('position is seen');
    await page.locator('[data-face] [data-axis="burdock/switch-b"]').focus();
    for (const key of ['End', 'Home']) {
        await page.keyboard.press(key);
        await page.waitForTimeout(700);
    }
    await expect(page.locator('[data-flips-words]')).toContainText('positions are seen');
    await tabTo(page, page.getByRole('button', { name: 'Make a zone of each' }));
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/assign\?device=made/);
});

test('without a mouse: what is wished of a plan, and the sheet of paper', async ({ page, app }) => {
    await app.asNew('skerrywing');
    const skip = async (words) => {
        await page.locator('body').press('Tab');
        await page.keyboard.press('Tab');
        await expect(page.locator(':focus')).toHaveText(words);
        await page.keyboard.press('Enter');
    };
    await app.open(page, 'plan');
    await tabTo(page, page.getByRole('link', { name: 'Propose the whole plan' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('.plan__wants')).toBeVisible();
    await app.open(page, 'plan', '?propose=all');
    await skip('To the proposals');
    await tabTo(page, page.locator('.plan__wants input[value="bracken"]'));
    await page.keyboard.press('Space');
    await expect(page.locator('.plan__wants')).toContainText('only these');
    await tabTo(page, page.locator('.plan__wants input[name="by"]:checked'));
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('.proposal__what').first()).toContainText('key ');
    const turn = page.locator('.proposal__do a', { hasText: 'By output' }).first();
    await tabTo(page, turn);
    await page.keyboard.press('Enter');
    await expect(page.locator('.proposal__what').first()).toContainText('output ');
    await tabTo(page, page.getByRole('button', { name: 'Take', exact: true }).first());
    await page.keyboard.press('Enter');
    await expect(page.locator('#notices')).toContainText('Water rudder');

    await app.open(page, 'bench');
    await skip('To what happened');
    await tabTo(page, page.locator('#paper summary'), 5);
    await page.keyboard.press('Enter');
    await tabTo(page, page.locator('#paper select'));
    await page.keyboard.press('ArrowDown');
    await tabTo(page, page.locator('.log textarea'), 8);
    await page.keyboard.type('v');
    await page.locator('[data-throw="fennel/switch-4.up fennel/switch-4.down"]').focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.locator('#paper [data-paper]').first()).toHaveText('v');
});
