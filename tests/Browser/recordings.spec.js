import { expect, test } from './app.js';
import { flip, moveLever, press } from './hands.js';

const game = (page, variable) => page.locator(`[data-variable="${variable}"] [data-value]`);

test('what is done on the bench is recorded, kept under a name, and played as if it happened now', async ({ page, app }) => {
    await app.open(page, 'bench');
    await page.locator('[data-record]').click();
    await expect(page.locator('[data-record-word]')).toHaveText('Stop and keep');
    await moveLever(page, 'fennel/left-lever', 1);
    await press(page, 'fennel/mark');
    await flip(page, 'fennel/switch-1.up');
    await expect(game(page, 'pitot_heat')).toHaveText('on');
    await page.locator('[data-record-name] input').fill('First try');
    await page.locator('[data-record]').click();
    await expect(page.locator('#playing')).toContainText('Kept as "First try"');
    await expect(page.locator('[data-record-word]')).toHaveText('Record');
    await moveLever(page, 'fennel/left-lever', 0);
    await flip(page, 'fennel/switch-1.up');
    await expect(game(page, 'pitot_heat')).toHaveText('off');
    await expect(game(page, 'power')).toHaveText('0.0 %');
    await page.locator('.places').getByRole('link', { name: 'Recordings' }).click();
    await page.getByRole('button', { name: 'Play' }).click();
    await expect(page.locator('#playing')).toHaveText('"First try" has been played.');
    await page.locator('.places').getByRole('link', { name: 'Bench' }).click();
    await expect(game(page, 'pitot_heat')).toHaveText('on');
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await expect(game(page, 'sack')).toHaveText('2');
    await expect(page.locator('[data-flip="fennel/switch-1.up"]')).toHaveAttribute('aria-checked', 'true');
});
