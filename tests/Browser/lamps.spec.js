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

test('a row of ten shows the speed that the game says, in both colourings, and flashes above its limit; a yellow flag flashes twice', async ({ page, app }) => {
    await app.asNew('hairpin-ladder');
    const rev = async () => Object.entries(await lamps(page)).filter(([ref]) => ref.startsWith('rowan/rev-')).map(([, look]) => look);
    await page.goto(`${app.url}/sets/hairpin-ladder/bench`);
    await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    await page.locator('[data-game="yellow_flag"]').click();
    await expect.poll(async () => (await lamps(page))['rowan/button-2']).toBe('amber twice');
    expect((await lamps(page))['rowan/button-8']).toBe('amber twice');
    await page.locator('[data-game="yellow_flag"]').click();
    await expect.poll(async () => (await lamps(page))['rowan/button-2'] ?? 0).toBe(0);
    await page.goto(`${app.url}/sets/hairpin-ladder/lamps?rule=rev-row`);
    await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    await page.evaluate(() => window.nailrod.live.input('sedge/right-toe', 4095));
    await expect.poll(rev).toEqual([...Array(6).fill('green fast'), 'amber fast', 'amber fast', 'red fast', 'red fast']);
    await saved(page, () => page.locator('#lamp-shows select[name="say[coloured]"]').selectOption('whole'));
    await expect(page.locator('.picks')).toContainText('Rev 1 to Rev 10 show Engine speed from 0 to 98, green up to 60, amber up to 85, red up to 100, all that is lit in the colour of the band reached, flashing above 93.');
    await expect.poll(rev).toEqual(Array(10).fill('red fast'));
    await expect(page.locator('[data-lamp="rowan/rev-1"]')).toHaveClass(/is-flashing/);
    await page.evaluate(() => window.nailrod.live.input('sedge/right-toe', 0));
    await expect.poll(rev).toEqual([]);

    // Two rules for one ring: the one that is never seen is told, and taken away from where it is told.
    const form = page.locator('form', { has: page.getByRole('button', { name: 'Light it so' }) });
    await page.goto(`${app.url}/sets/hairpin-ladder/lamps?device=rowan`);
    await form.locator('select[name="say[lamp]"]').selectOption('rowan/button-1');
    await form.getByLabel('Lit while').selectOption('always');
    await form.getByLabel('Colour').selectOption('white');
    await saved(page, () => form.getByRole('button', { name: 'Light it so' }).click());
    await page.goto(`${app.url}/sets/hairpin-ladder/plan`);
    const told = page.getByRole('listitem').filter({ hasText: 'Ring of button 1: the later one of two rules holds whenever the earlier does, which is never seen' });
    await expect(told).toBeVisible();
    await saved(page, () => told.getByRole('button', { name: 'Take the earlier rule away' }).click());
    await expect(told).toHaveCount(0);
    await page.goto(`${app.url}/sets/hairpin-ladder/lamps?device=rowan`);
    await expect(page.locator('.picks')).toContainText('Ring of button 1 is always white.');
    await expect(page.locator('.picks')).not.toContainText('is blue while Blue flag is out');
});
