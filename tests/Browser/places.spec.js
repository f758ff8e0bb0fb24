import { expect, test } from './app.js';

/** Keys that lead from a place to another: to its group, then the shorter way round. */
const keysTo = (groups, [group, at], [there, wanted]) => {
    const count = groups[there].length;
    const from = group === there ? at : 0;
    const ahead = (wanted - from + count) % count;
    const keys = group === there ? [] : [`Digit${there + 1}`];

    return [...keys, ...Array(Math.min(ahead, count - ahead)).fill(ahead <= count - ahead ? `Digit${there + 1}` : `Shift+Digit${there + 1}`)];
};

test('from any place to any other it is at most four keys, and what is picked stays picked', async ({ page, app }) => {
    await app.open(page, 'rig');
    const groups = [];
    for (let group = 1; group <= await page.locator('.groups a').count(); group++) {
        await page.locator(`.groups a:nth-child(${group})`).click();
        await expect(page.locator(`.groups a:nth-child(${group})`)).toHaveAttribute('aria-current', 'true');
        groups.push(await page.locator('.places a').allTextContents());
    }
    expect(groups.flat()).toContain('Name & place');
    const all = groups.flatMap((places, group) => places.map((name, at) => [group, at]));
    const longest = all.flatMap((from) => all.map((to) => keysTo(groups, from, to).length)).sort((a, b) => b - a)[0];
    expect(longest).toBeLessThanOrEqual(4);
    let at = [groups.length - 1, 0];
    for (const to of [...all].reverse()) {
        for (const key of keysTo(groups, at, to)) {
            const before = page.url();
            await page.keyboard.press(key);
            await expect(page).not.toHaveURL(before);
            await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
        }
        await expect(page.locator('.places a[aria-current]')).toHaveText(groups[to[0]][to[1]]);
        at = to;
    }
});

test('a cell that is picked stays picked through other places, also of its device and its layer', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=gorse&layer=water&ref=gorse/stick.y');
    await page.getByRole('link', { name: 'Shape' }).click();
    await expect(page.locator('h1')).toContainText('Stick Y');
    await page.getByRole('link', { name: 'Layers' }).click();
    await page.locator('.groups').getByRole('link', { name: 'Rig' }).click();
    await expect(page.locator('#rig-title')).toContainText('Gorse');
    await page.getByRole('link', { name: 'Measure' }).click();
    await expect(page.locator('.chip[aria-current]')).toContainText('Stick Y');
    await page.locator('.groups').getByRole('link', { name: 'Make' }).click();
    await page.getByRole('link', { name: 'Assign' }).click();
    await expect(page.locator('.comb tr.is-picked')).toHaveAttribute('data-row', 'gorse/stick.y');
    await expect(page).toHaveURL(/layer=water/);
    // Another device is picked: its controls, not those of the one before.
    await page.locator('.groups').getByRole('link', { name: 'Rig' }).click();
    await page.getByRole('link', { name: 'Bracken button box' }).click();
    await expect(page.locator('#rig-title')).toContainText('Bracken');
    await page.locator('.groups').getByRole('link', { name: 'Make' }).click();
    await page.getByRole('link', { name: 'Assign' }).click();
    await expect(page).toHaveURL(/device=bracken/);
    await expect(page).not.toHaveURL(/ref=gorse/);
    await expect(page.locator('#notices')).toHaveText('');
});

test('from any place to the first row of the comb it is at most six keys, and to the editor', async ({ page, app }) => {
    for (const place of ['store', 'rig', 'lamps', 'recordings', 'carry']) {
        await app.open(page, place);
        let keys = 0;
        const key = async (name) => {
            keys += 1;
            const before = page.url();
            await page.keyboard.press(name);
            if (name.includes('Digit')) {
                await expect(page).not.toHaveURL(before);
                await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
            }
        };
        // To the group, which begins with Shape, and on to Assign; from Lamps, the last but one of it, it is three further round.
        for (let n = 0; n < (place === 'lamps' ? 3 : 2); n++) {
            await key('Digit3');
        }
        await expect(page).toHaveURL(/\/assign/);
        for (const name of ['Tab', 'Tab', 'Enter']) {
            await key(name);
        }
        await expect(page.locator('.comb a:focus')).toHaveCount(1);
        expect(keys).toBeLessThanOrEqual(6);
        if (place !== 'store') {
            continue;
        }
        // To the editor it is six by its own skip, from any place alike; the cell is picked by one key, and its editor is one more.
        await app.open(page, place);
        keys = 0;
        for (const name of ['Digit3', 'Digit3', 'Tab', 'Tab', 'Tab', 'Enter']) {
            await key(name);
        }
        await expect(page.locator('#editor')).toBeFocused();
        expect(keys).toBeLessThanOrEqual(6);
        await page.locator('.comb a:not([tabindex])').focus();
        await page.keyboard.press('Enter');
        await page.keyboard.press('e');
        await expect(page.locator('#editor :focus, #editor:focus')).toHaveCount(1);
    }
});
