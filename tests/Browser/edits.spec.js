import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { tmpdir } from 'node:os';
import { expect, test } from './app.js';
import { change, unfold } from './hands.js';

const LEFT = '?axis=fennel/left-lever';

test('two tabs edit one set: the second is told and shown what differs, and nothing is overwritten', async ({ page, app, context }) => {
    const other = await context.newPage();
    await app.open(page, 'shape', LEFT);
    await app.open(other, 'shape', LEFT);
    await change(page, '#dead_zones-low', 7);
    await other.locator('[data-face] [data-axis="fennel/left-lever"]').press('ArrowUp');
    await expect(other.locator('#moved')).toBeVisible();
    await unfold(other, '#curve-k');
    await other.locator('#curve-k').fill('40');
    await other.locator('#curve-k').press('Enter');
    await expect(other.getByRole('heading', { name: 'This set was changed in another tab' })).toBeVisible();
    const tables = other.locator('.conflict table');
    await expect(tables.nth(0)).toContainText('7 % at the low end');
    await expect(tables.nth(1)).toContainText('expo 40 %');
    await other.getByRole('button', { name: 'Make my change on top of it' }).click();
    await expect(other.locator('#curve-k')).toHaveValue('40');
    await expect(other.locator('#dead_zones-low')).toHaveValue('7');
    await page.reload();
    await expect(page.locator('#curve-k')).toHaveValue('40');
});

test('ten edits are undone and done again by keys, and the documents are the same byte for byte', async ({ page, app }) => {
    const file = async () => (await page.request.get(`${app.url}/sets/skerrywing/file`)).text();
    await app.open(page, 'shape', LEFT);
    const documents = [await file()];
    for (let i = 1; i <= 10; i++) {
        await change(page, i % 2 ? '#dead_zones-low' : '#curve-k', i + 4);
        documents.push(await file());
    }
    expect(new Set(documents).size).toBe(11);
    const step = async (keys) => {
        const before = await page.locator('body').getAttribute('data-revision');
        await page.keyboard.press(keys);
        await expect(page.locator('body')).not.toHaveAttribute('data-revision', before);
    };
    for (let i = 9; i >= 0; i--) {
        await step('Control+z');
        expect(await file()).toBe(documents[i]);
    }
    await expect(page.locator('#undo button')).toBeDisabled();
    for (let i = 1; i <= 10; i++) {
        await step('Control+y');
        expect(await file()).toBe(documents[i]);
    }
    await expect(page.locator('#redo button')).toBeDisabled();
});

test('bad input is told with place, found and expected, and changes nothing', async ({ page, app }) => {
    await app.open(page, 'shape', LEFT);
    const revision = await page.locator('body').getAttribute('data-revision');
    await unfold(page, '#new-stop form');
    const stop = page.locator('#new-stop form');
    await stop.locator('[name="at"]').fill('140');
    await stop.getByText('Put the stop in').click();
    await expect(page.locator('#notices')).toContainText('The new stop, holds at: found 140 %, expected a number from 0 % to 100 %. Nothing was changed.');
    await expect(page.locator('body')).toHaveAttribute('data-revision', revision);

    await unfold(page, '#dead_zones-low');
    await page.locator('#dead_zones-low').fill('70');
    await page.locator('#dead_zones-low').press('Enter');
    await page.locator('#dead_zones-high').fill('60');
    await page.locator('#dead_zones-high').press('Enter');
    await expect(page.locator('#notices')).toContainText('expected dead zones that leave something of the travel');

    await app.open(page, 'store');
    const stored = await page.locator('body').getAttribute('data-revision');
    const before = await (await page.request.get(`${app.url}/sets/skerrywing/file`)).text();
    const name = join(tmpdir(), `nailrod-${process.pid}.set.json`);
    writeFileSync(name, before.replace('"parent"', '"parrent"'));
    await page.locator('.store__side input[type=file]').setInputFiles(name);
    await page.getByText('Take the file').click();
    await expect(page.locator('#notices')).toContainText('parrent: found a field that this format does not have, expected one of format, version');
    writeFileSync(name, before.slice(0, before.length / 2));
    await page.locator('.store__side input[type=file]').setInputFiles(name);
    await page.getByText('Take the file').click();
    await expect(page.locator('#notices')).toContainText(/line \d+: found something that is not JSON, expected JSON/);
    expect(await (await page.request.get(`${app.url}/sets/skerrywing/file`)).text()).toBe(before);
    await expect(page.locator('body')).toHaveAttribute('data-revision', stored);
});

test('a set is shaped and assigned with the keyboard alone', async ({ page, app }) => {
    await app.open(page, 'rig');
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/shape/);
    await page.locator('[data-face] [data-axis="fennel/left-lever"]').focus();
    await page.keyboard.press('PageUp');
    await expect(page.locator('#live-text')).toContainText('travel 9.');
    await page.locator('[data-handle="zone-low"]').focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('#dead_zones-low')).toHaveValue('4');
    await expect(page.locator('.panel')).toContainText('4 % at the low end');
    await page.locator('.mark').focus();
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/assign/);
    await page.locator('[data-face] [data-flip="fennel/switch-2.up"]').focus();
    await page.keyboard.press('Space');
    await expect(page.locator('.editor__head h2')).toHaveText('Switch 2 up');
    await page.getByPlaceholder('Type an action, Enter assigns it').focus();
    await page.keyboard.type('anchor light');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-cell="base/fennel/switch-2.up"]')).toContainText('Anchor light');
    await expect(page.locator('.advice')).toContainText('The game only offers a flip for this.');
    await page.getByRole('button', { name: 'Use the variable' }).press('Enter');
    await expect(page.locator('.editor__head .says')).toContainText('Anchor light by variable Anchor light, 1 or 0, follow');
    await page.locator('[data-face] [data-flip="fennel/switch-2.up"]').press('Space');
    await expect(page.locator('#tape-lines')).toContainText('Anchor light is set to off → Skerrywing: Anchor light off');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('find anything by a part of its name');
    await page.keyboard.press('Escape');
});

test('a stop is dragged on the picture, and what is inherited can be given back', async ({ page, app }) => {
    await app.open(page, 'shape', LEFT);
    await unfold(page, '#new-stop form');
    await page.locator('#new-stop form').getByText('Put the stop in').click();
    const line = await page.locator('[data-stop] .stop-flag').boundingBox();
    await page.mouse.move(line.x + 20, line.y + 4);
    await page.mouse.down();
    await page.mouse.move(line.x + 20, line.y + 90, { steps: 6 });
    await page.mouse.up();
    await expect(page.locator('.panel__part--stop [name="at"]')).not.toHaveValue('92');
    const at = Number(await page.locator('.panel__part--stop [name="at"]').inputValue());
    expect(at).toBeGreaterThan(65);
    expect(at).toBeLessThan(85);
    await expect(page.locator('.part--stop .part__says')).toContainText(`at or below ${at} %`);
    await change(page, '#dead_zones-low', 5);
    await page.getByRole('button', { name: 'give back' }).first().click();
    await expect(page.locator('#dead_zones-low')).toHaveValue('2');
    await expect(page.locator('.panel')).toContainText('from House');
});
