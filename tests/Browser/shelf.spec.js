import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { App, expect, test } from './app.js';
import { clean } from './hands.js';

/** Ready things are given from one installation to another, and fitted there. */

/** Puts something of the open set on the shelf, and saves it as a file. */
async function give(page, app, thing, name) {
    await page.locator('#shelf-thing').selectOption(thing);
    await page.getByRole('textbox', { name: 'Its name' }).fill(name);
    await page.locator('#shelf-put').getByRole('button', { name: 'Put it on the shelf' }).first().click();
    await expect(page.locator('#shelf-title')).toContainText(name);
    const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save as a file' }).click()]);
    const file = join(app.folder, saved.suggestedFilename());
    await saved.saveAs(file);

    return file;
}

test('a lamp scheme and a page of a panel go to another installation, and are fitted by role', async ({ page, app }) => {
    test.setTimeout(90_000);
    await app.open(page, 'shelf');
    const lamps = await give(page, app, 'lamp scheme|fennel', 'My lamps');
    const radio = await give(page, app, 'panel page|clover mail-route 0', 'My radio');
    expect(readFileSync(lamps, 'utf8')).not.toMatch(/fennel|FN-0032/i);

    const there = await App.fresh();
    try {
        await page.goto(`${there.url}/sets/quay-cable/shelf`);
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);
        await page.setInputFiles('#shelf-put input[type="file"]', lamps);
        await page.locator('#shelf-put form').last().getByRole('button', { name: 'Put it on the shelf' }).click();
        await expect(page.locator('#shelf-title')).toContainText('My lamps');
        await expect(page.locator('#shelf-fits')).toContainText(/[12] of 2 parts fit here/);
        await clean(page);
        await page.getByRole('button', { name: 'Take it into Quay & Cable' }).click();
        await expect(page.locator('#notices')).toContainText('Lamp 1 is green while layer On water is live');
        // It is at work: the layer that is held lights its lamp.
        await page.goto(`${there.url}/sets/quay-cable/bench?device=fennel`);
        await page.waitForFunction(() => window.nailrod?.live.picture?.lamps !== undefined);
        await page.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
        await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.lamps['fennel/lamp-1'] !== undefined)).toBe(true);
        await page.evaluate(() => window.nailrod.live.input('fennel/ring', 0));

        await page.goto(`${there.url}/sets/hairpin-ladder/shelf`);
        await page.setInputFiles('#shelf-put input[type="file"]', radio);
        await page.locator('#shelf-put form').last().getByRole('button', { name: 'Put it on the shelf' }).click();
        await page.getByRole('button', { name: 'Look at it' }).click();
        await expect(page).toHaveURL(/import/);
        await page.getByRole('button', { name: 'Take it', exact: true }).click();
        await expect(page).toHaveURL(/hairpin-ladder\/panel/);
    } finally {
        await there.end();
    }
});

test('by the keyboard: a shape is picked, its axis chosen, taken, and undone; a file that is none is told', async ({ page, app }) => {
    await app.open(page, 'shelf');
    await page.getByRole('link', { name: 'Flap lever with five positions' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#shelf-title')).toContainText('Flap lever');
    await page.locator('#shelf-axis').selectOption('sedge/left-toe');
    await expect(page).toHaveURL(/axis=sedge/);
    await expect(page.locator('.shelf__line')).toBeVisible();
    await page.getByRole('button', { name: 'Take it into Skerrywing' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#notices')).toContainText('Left toe brake');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#notices')).toContainText('Undone in Skerrywing');
    const wrong = join(app.folder, 'wrong.json');
    writeFileSync(wrong, '{"format":"nailrod-set"}');
    await page.setInputFiles('#shelf-put input[type="file"]', wrong);
    await page.locator('#shelf-put form').last().getByRole('button', { name: 'Put it on the shelf' }).click();
    await expect(page.locator('#notices')).toContainText('wrong.json');
});
