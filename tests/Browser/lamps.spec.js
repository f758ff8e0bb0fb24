import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './app.js';
import { saved } from './hands.js';

const lamps = (page) => page.evaluate(async () => { await window.nailrod.live.settled(); return window.nailrod.live.picture.lamps; });

test('five lamps are lit red by one rule while a stop is open, flashing twice; one is always lit', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/dunlin/lamps?device=fennel`);
    await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    const form = page.locator('form', { has: page.getByRole('button', { name: 'Light it so' }) });
    for (const n of [2, 3, 4, 5]) {
        await form.locator('fieldset').getByText(`Lamp ${n}`, { exact: true }).click();
    }
    await form.getByLabel('Lit while').selectOption('stop cruise open');
    await form.getByLabel('Colour').selectOption('red');
    await form.locator('select[name="say[pattern]"]').selectOption('twice');
    await saved(page, () => form.getByRole('button', { name: 'Light it so' }).click());
    await expect(page.locator('.picks')).toContainText('Lamp 1, Lamp 2, Lamp 3, Lamp 4 and Lamp 5 are red, in two flashes, while Cruise is open.');
    await page.evaluate(() => window.nailrod.live.input('fennel/left-thumb', 1));
    await expect.poll(async () => Object.values(await lamps(page)).filter((look) => look === 'red twice').length).toBe(5);
    await expect(page.locator('[data-lamp="fennel/lamp-3"]')).toHaveClass(/is-flashing-twice/);
    await page.evaluate(() => window.nailrod.live.input('fennel/left-thumb', 0));
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
    expect(violations.map(({ id, nodes }) => [id, nodes[0].html])).toEqual([]);

    await page.goto(`${app.url}/sets/dunlin/lamps?device=rowan`);
    await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    const ring = page.locator('form', { has: page.getByRole('button', { name: 'Light it so' }) });
    await ring.locator('select[name="say[lamp]"]').selectOption('rowan/button-1');
    await ring.getByLabel('Lit while').selectOption('always');
    await saved(page, () => ring.getByRole('button', { name: 'Light it so' }).click());
    await expect.poll(async () => (await lamps(page))['rowan/button-1']).toBe(1);
});
