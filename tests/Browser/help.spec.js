import { expect, test } from './app.js';
import { clean } from './hands.js';

/** Why and how of a place, and what a term means where it stands. */

test('a question mark shows why and how of the place that is open, with its picture, beside the keys', async ({ page, app }) => {
    await app.open(page, 'layers');
    await page.keyboard.press('?');
    await expect(page.locator('#help')).toBeVisible();
    await expect(page.locator('#help-why')).toContainText('A layer gives every control a second meaning');
    await expect.poll(() => page.locator('#help-why img').evaluate((picture) => picture.naturalWidth)).toBe(1280);
    await expect(page.locator('#help')).toContainText('find anything by a part of its name');
    await clean(page);
    await page.keyboard.press('Escape');
    await expect(page.locator('#help')).toBeHidden();
    // At the next place it is about that one.
    await page.locator('.places a', { hasText: 'Macros' }).click();
    await expect(page).toHaveURL(/macros/);
    await page.getByRole('button', { name: 'Keys and help' }).click();
    await expect(page.locator('#help-why')).toContainText('A macro plays them from one press');
});

test('a help page is found by Ctrl+K and leads to its place', async ({ page, app }) => {
    await app.open(page, 'bench');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('store why');
    await expect(page.locator('#find-list li').first()).toContainText('why and how');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^Store/ })).toBeVisible();
    await clean(page);
    await page.getByRole('link', { name: 'Go there' }).click();
    await expect(page).toHaveURL(/skerrywing\/store/);
});

test('a term is explained under the pointer and by the keyboard; Escape takes that away', async ({ page, app }) => {
    await app.open(page, 'store');
    const says = page.locator('#term-says');
    await page.locator('.term', { hasText: 'Checksum' }).hover();
    await expect(says).toHaveText(/A number made of all bytes/);
    await page.mouse.move(640, 5);
    await expect(says).toBeHidden();
    await page.locator('.term', { hasText: 'Bank' }).focus();
    await expect(says).toHaveText(/One half of the memory/);
    const [term, box] = await Promise.all([page.locator('.term', { hasText: 'Bank' }).boundingBox(), says.boundingBox()]);
    expect(box.y >= term.y + term.height - 1 || box.y + box.height <= term.y + 1).toBe(true);
    await clean(page);
    await page.keyboard.press('Escape');
    await expect(says).toBeHidden();
});
