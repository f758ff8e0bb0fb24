import { expect, test } from './app.js';
import { play, press, saved } from './hands.js';

const says = (page) => page.locator('[data-pair-says]');
const begin = async (page, app) => {
    await app.open(page, 'assign', '?device=bracken');
    await page.getByRole('link', { name: 'Pair', exact: true }).click();
    await expect(page.locator('[data-pair] h2')).toHaveText('Press a key and a control');
};

test('a key and a control that are pressed together are assigned to each other, in either order, one pair after the other', async ({ page, app }) => {
    await begin(page, app);
    const at = new URL(page.url()).pathname;
    // Two movements of the hand, and no other page.
    await saved(page, async () => {
        await page.keyboard.press('j');
        await press(page, 'bracken/push-10');
    });
    await expect(says(page)).toHaveText('When Push 10 closes in Cruise: key J, follow.');
    await saved(page, async () => {
        await press(page, 'bracken/push-11');
        await page.keyboard.press('Control+Shift+F9');
    });
    await expect(says(page)).toHaveText('When Push 11 closes in Cruise: key Shift+Ctrl+F9, follow.');
    expect(new URL(page.url()).pathname).toBe(at);
    await expect(page.locator('.pairing__done .is-last')).toHaveText(/Push 11\s*key Shift\+Ctrl\+F9/);
    expect(await play(page, [[0, 'bracken/push-10', 1], [200, 'bracken/push-10', 0], [200, 'bracken/push-11', 1], [200, 'bracken/push-11', 0]]).then((all) => all.map(([what]) => what)))
        .toEqual(['key KeyJ', 'key ShiftLeft', 'key ControlLeft', 'key F9']);
    // What the game is told by this key is assigned as the action that it is.
    await page.waitForTimeout(2100);
    await saved(page, async () => {
        await press(page, 'bracken/push-12');
        await page.keyboard.press('v');
    });
    await expect(says(page)).toHaveText(/When Push 12 closes in Cruise: Flaps one up by key V/);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-pair]')).toHaveCount(0);
    await expect(page.locator('.comb tr.is-picked')).toHaveAttribute('data-row', 'bracken/push-12');
    for (const gone of ['Push 12', 'Push 11', 'Push 10']) {
        await saved(page, () => page.keyboard.press('Control+z'));
        await expect(page.locator('#notices')).toContainText(gone);
    }
});

test('one alone is no pair, and what cannot be paired says why', async ({ page, app }) => {
    await begin(page, app);
    const revision = await page.locator('body').getAttribute('data-revision');
    await page.keyboard.press('j');
    await expect(says(page)).toHaveText('The key is there. Now the control.');
    await expect(says(page)).toHaveText('Only a key came, and no control: nothing was paired.');
    await press(page, 'bracken/push-10');
    await expect(says(page)).toHaveText('The control is there. Now its key.');
    await expect(says(page)).toHaveText('Only a control came, and no key: nothing was paired.');
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
    await page.keyboard.press('j');
    await expect(page.locator('#notices')).toContainText('Control: found Ring lever, which leads to another layer, expected one that does not');
    // In the layer that is held, it is paired there.
    await saved(page, async () => {
        await press(page, 'bracken/push-10');
        await page.keyboard.press('k');
    });
    await expect(says(page)).toHaveText('When Push 10 closes in On water: key K, follow.');
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 0));
    await page.evaluate(() => window.nailrod.live.input('fennel/left-lever', 50_000));
    await page.keyboard.press('j');
    await expect(page.locator('#notices')).toContainText('Control: found Left lever, which is an axis');
    expect(Number(await page.locator('body').getAttribute('data-revision'))).toBeGreaterThan(Number(revision));
});

test('a key that is used already is said so, and a pair that went wrong is taken back while pairing goes on', async ({ page, app }) => {
    await begin(page, app);
    for (const [control, warned] of [['bracken/push-10', false], ['bracken/push-11', true]]) {
        await saved(page, async () => {
            await press(page, control);
            await page.keyboard.press('j');
        });
        await expect(page.locator('#notices')).toContainText('→ key J');
        const warning = page.locator('#notices').getByText('Paired, but key J has a use already: sent by Bracken Push 10, Cruise.');
        await expect(warning).toHaveCount(warned ? 1 : 0);
        await page.waitForTimeout(2100);
    }
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('[data-pair] h2')).toHaveText('Press a key and a control');
    await expect(page.locator('.control[data-control="bracken/push-11"]')).toHaveClass(/is-left/);
    await expect(page.locator('.control[data-control="bracken/push-10"]')).not.toHaveClass(/is-left/);
});

test('they are asked for one by one, left out, and the numbers do not lead away meanwhile', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=fennel&pair=fennel/switch-2.up');
    await expect(page.locator('[data-pair] h2')).toHaveText('Press Switch 2 up and its key');
    await expect(page.locator('.control.is-asked')).toHaveAttribute('data-control', 'fennel/switch-2');
    await expect(page.locator('.control[data-control="fennel/switch-3"]')).toHaveClass(/is-left/);
    await expect(page.locator('.control[data-control="fennel/mark"]')).not.toHaveClass(/is-left/);
    await saved(page, async () => {
        await page.evaluate(() => window.nailrod.live.input('fennel/switch-2.up', 1));
        await page.keyboard.press('2');
    });
    await expect(says(page)).toHaveText('When Switch 2 up closes in Cruise: key 2, pulse 60 ms.');
    await expect(page.locator('[data-pair] h2')).toHaveText('Press Switch 2 down and its key');
    await page.getByRole('link', { name: 'Leave it out' }).click();
    await expect(page.locator('[data-pair] h2')).toHaveText('Press Switch 3 up and its key');
    await page.getByRole('link', { name: 'Ask for none' }).click();
    await expect(page.locator('[data-pair] h2')).toHaveText('Press a key and a control');
    await page.getByRole('link', { name: 'End pairing' }).click();
    await expect(page.locator('.control.is-left')).toHaveCount(0);
    await page.keyboard.press('1');
    await expect(page).toHaveURL(/\/rig/);
});

test('with stand-ins, by keyboard alone: what works a drawn control is no key', async ({ page, app }) => {
    await begin(page, app);
    await page.locator('[data-face] [data-press="bracken/push-10"]').first().focus();
    await saved(page, async () => {
        await page.keyboard.press('Space');
        await page.keyboard.press('u');
    });
    await expect(says(page)).toHaveText('When Push 10 closes in Cruise: key U, follow.');
    await page.getByRole('link', { name: 'End pairing' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-pair]')).toHaveCount(0);
});
