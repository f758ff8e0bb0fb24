import { cpSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { App, expect, test } from './app.js';
import { assign, pick, saved, unfold } from './hands.js';

const verdict = (page) => page.locator('.verdict');
const rows = (page) => page.locator('#changes tbody tr').allInnerTexts();

test('a throttle is written, carried, read there into a new set, changed, and read at home again: the difference is that one thing', async ({ page, app }) => {
    test.slow();
    // Two stops, an opener, and red lamps while one of them is open.
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    for (const at of ['92', '97']) {
        await unfold(page, '#new-stop [name="axes[]"]');
        const form = page.locator('#new-stop form');
        await form.locator('[name="at"]').fill(at);
        await form.locator('[name="opener"]').selectOption('fennel/left-thumb');
        await saved(page, () => form.getByText('Put the stop in').click());
    }
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await page.locator('#write').click();
    await expect(page.locator('#notices')).toContainText('Verified.');
    await expect(page.locator('[data-standing]').first()).toHaveText('in step');

    // The device goes to a friend who has nothing but Nailrod.
    const there = await App.fresh({ demo: false });
    try {
        cpSync(join(app.folder, 'devices'), join(there.folder, 'devices'), { recursive: true });
        await page.goto(there.url);
        await expect(page.getByText('Fennel throttle holds a mapping.')).toBeVisible();
        await page.getByRole('button', { name: 'Read it as a set' }).click();
        await expect(page.getByText('What is in Fennel')).toBeVisible();
        await page.locator('[name="name"]').fill('At a friend');
        await page.getByRole('button', { name: 'Take it' }).click();
        await expect(page).toHaveURL(/sets\/skerrywing\/plan/);
        await page.goto(`${there.url}/sets/skerrywing/shape?axis=fennel/left-lever`);
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);
        await expect(page.locator('.part--stop')).toHaveCount(2);
        await page.goto(`${there.url}/sets/skerrywing/assign?layer=base&ref=fennel/mark`);
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);
        await assign(page, 'button', { number: 42, behaviour: 'follow' });
        await page.goto(`${there.url}/sets/skerrywing/store?device=fennel`);
        await expect(page.locator('[data-standing]')).toHaveText('differs');
        await page.locator('#write').click();
        await expect(page.locator('#notices')).toContainText('Verified.');
        await expect(page.locator('[data-standing]')).toHaveText('in step');
        cpSync(join(there.folder, 'devices'), join(app.folder, 'devices'), { recursive: true });
    } finally {
        await there.end();
    }

    // At home it is read into the set: one thing differs.
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('[data-standing]').first()).toHaveText('differs');
    await expect(verdict(page)).toContainText('it was not written from here');
    await page.locator('#look-read').click();
    await expect(page.getByRole('heading', { name: 'What reading would change in Skerrywing' })).toBeVisible();
    const different = await rows(page);
    expect(different).toHaveLength(1);
    expect(different[0]).toContain('Mark button in Cruise');
    expect(different[0]).toContain('output 42');
    await saved(page, () => page.getByRole('button', { name: 'Take it into Skerrywing' }).click());
    await expect(page.locator('[data-standing]').first()).toHaveText('in step');
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('[data-standing]').first()).toHaveText('differs');
});

test('what is in a device is saved as a copy and put back; what was not written from here is kept before it is overwritten', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await page.locator('#write').click();
    await expect(page.locator('#notices')).toContainText('Verified.');
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save a copy' }).click()]);
    const copy = readFileSync(await download.path());
    await pick(page, app, 'fennel/mark');
    await assign(page, 'button', { number: 9 });
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('[data-standing]').first()).toHaveText('1 part not written');
    await page.getByRole('button', { name: 'Write all that is not written' }).click();
    await expect(page.locator('#notices')).toContainText('Written and verified: Fennel, Rowan.');
    await page.locator('.store__out input[type="file"]').first().setInputFiles({ name: 'mine.copy.json', mimeType: 'application/json', buffer: copy });
    await page.locator('.store__out .upload .button').first().click();
    await expect(page.locator('#notices')).toContainText('the same as in the copy. Verified.');
    await expect(verdict(page)).toContainText('differs from this set in 1 place');
    await page.getByText('What was in it before').click();
    await expect(page.locator('.copies .revisions li')).toHaveText([/Put back from the file mine\.copy\.json\./, /Written from Skerrywing\./, /Written from Skerrywing\./]);
    await page.locator('.copies .revisions li').nth(1).getByRole('button', { name: 'Put it back' }).click();
    await expect(page.locator('[data-standing]').first()).toHaveText('in step');
});
