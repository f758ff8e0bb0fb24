import { expect, test } from './app.js';
import { pick, saved, unfold } from './hands.js';

/** What was typed or picked is what a button beside it sends; what was not sent is kept, or asked for. */

test('a device that is drawn has what stood in the fields as the button was clicked', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/house/rig/draw?kind=button+box`);
    await page.locator('#draw-form [name="name"]').fill('Peat');
    const buttons = page.locator('#draw-form [name="counts[button]"]');
    await buttons.fill('3');
    await page.getByRole('button', { name: 'Take it into the rig' }).click();
    await expect(page.locator('#rig-title')).toContainText('Peat');
    await expect(page.locator('[data-face] [data-press^="peat/"]')).toHaveCount(3);
});

test('a field keeps what is typed in it while another edit lays the page anew, and while another control is looked at', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await app.open(page, 'layers');
    const name = page.locator('form.inline-new [name="name"]');
    await name.fill('Night');
    await saved(page, async () => {
        await page.locator('form[action$="/layers/say"] [name="name"]').first().fill('Cruising');
        await page.locator('form[action$="/layers/say"] [name="name"]').first().press('Tab');
    });
    await expect(name).toHaveValue('Night');
    let asked = '';
    page.on('dialog', async (dialog) => {
        asked = dialog.type();
        await dialog.accept();
    });
    await page.locator('a', { hasText: 'Macros' }).first().click();
    await page.waitForURL('**/macros*');
    expect(asked).toBe('beforeunload');
});

test('a choice that is made while an edit is on its way stays', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await pick(page, app, 'fennel/mark');
    // Every answer comes late, as on a busy machine.
    await page.route('**/sets/skerrywing/**', async (route) => {
        if (route.request().method() === 'POST') {
            await new Promise((resolve) => { setTimeout(resolve, 400); });
        }
        await route.continue();
    });
    const behaviour = page.locator('.behaves [name="behaviour"]');
    await behaviour.selectOption('pulse');
    await expect(page.locator('body')).toHaveClass(/is-saving/);
    await behaviour.selectOption('toggle');
    await page.waitForTimeout(600);
    await expect(behaviour).toHaveValue('toggle');
    await expect(page.locator('body')).not.toHaveClass(/is-saving/);
    await expect(behaviour).toHaveValue('toggle');
    await page.reload();
    await expect(page.locator('.behaves [name="behaviour"]')).toHaveValue('toggle');
});

test('a list with actions typed into it is not left without a question', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/actions`);
    await page.getByRole('button', { name: 'Change this list' }).click();
    const fields = page.locator('.list__new tr:has(input) td:first-child input, .list__new tr:has(input) th input');
    await fields.first().fill('Pump the bilge');
    let asked = '';
    page.on('dialog', async (dialog) => {
        asked = dialog.type();
        await dialog.dismiss();
    });
    await page.evaluate(() => { location.href = '/sets/skerrywing/rig'; });
    await expect.poll(() => asked).toBe('beforeunload');
    await expect(fields.first()).toHaveValue('Pump the bilge');
});

test('the rig says something while a choice is made: what was unfolded stays unfolded, and what was picked stays picked', async ({ page, app }) => {
    await pick(page, app, 'fennel/mark');
    await unfold(page, '.does [name="does"]');
    await page.locator('.does [name="does"]').selectOption('button');
    await page.locator('.does [name="output[number]"]').fill('9');
    const read = page.waitForResponse((response) => response.url().includes('/assign'));
    await page.evaluate(() => document.dispatchEvent(new CustomEvent('live:said', { detail: { said: 'Fennel was written after the edit.' } })));
    await read;
    await expect(page.locator('#news')).toContainText('Fennel was written after the edit.');
    await expect(page.locator('.does [name="does"]')).toHaveValue('button');
    await expect(page.locator('.does [name="output[number]"]')).toBeVisible();
    await expect(page.locator('.does [name="output[number]"]')).toHaveValue('9');
});
