import { expect, test } from './app.js';
import { flip, latch, moveLever, press } from './hands.js';

const game = (page, variable) => page.locator(`[data-variable="${variable}"] [data-value]`);

test('a lost server is told, and what was done meanwhile arrives when it is back', async ({ page, app }) => {
    await app.open(page, 'bench');
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('1');
    await app.stop();
    await press(page, 'fennel/mark');
    await expect(page.locator('#offline')).toBeVisible();
    await press(page, 'fennel/mark', 200);
    await moveLever(page, 'fennel/left-lever', 1);
    await app.start();
    await expect(page.locator('#offline')).toBeHidden();
    await expect(game(page, 'sack')).toHaveText('3');
    await expect(game(page, 'power')).toHaveText('100.0 %');
});

test('a lost reply is asked for anew and counted once', async ({ page, app }) => {
    await app.open(page, 'bench');
    let lost = 0;
    await page.route('**/live/*', async (route) => {
        const batch = route.request().postDataJSON();
        const isPress = batch.inputs?.some(([, port, value]) => port === 'fennel/mark' && value === 1);
        if (isPress && lost === 0) {
            lost += 1;
            await route.fetch();
            await route.abort();
        } else {
            await route.continue();
        }
    });
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('1');
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('2');
    expect(lost).toBe(1);
});

test('an unplugged device opens its contacts and keeps its axes', async ({ page, app }) => {
    await app.open(page, 'bench');
    await moveLever(page, 'fennel/left-lever', 1);
    await latch(page, 'fennel/right-thumb');
    await expect(game(page, 'starter')).toHaveText('turning');
    await page.locator('[data-plug="fennel"]').click();
    await expect(page.locator('[data-plug="fennel"]')).toContainText('unplugged');
    await expect(game(page, 'starter')).toHaveText('off');
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await expect(page.locator('#tape-lines')).not.toContainText('Something');
    await page.locator('[data-plug="fennel"]').click();
    await expect(page.locator('[data-plug="fennel"]')).toContainText('plugged in');
});

test('a session that has ended is opened anew with the hands as they are', async ({ page, app }) => {
    await app.open(page, 'bench');
    await flip(page, 'fennel/switch-1.up');
    await moveLever(page, 'fennel/left-lever', 1);
    await expect(game(page, 'power')).toHaveText('100.0 %');
    const id = await page.evaluate(() => window.nailrod.live.id);
    await page.request.post(`${app.url}/live/${id}/close`, { headers: { 'Content-Type': 'application/json' }, data: {} });
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('1');
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await expect(page.locator('[data-flip="fennel/switch-1.up"]')).toHaveAttribute('aria-checked', 'true');
});

test('an edit takes over under the hands: an axis goes on, a switch that was up knows that it was', async ({ page, app }) => {
    await app.open(page, 'assign');
    await flip(page, 'fennel/switch-2.up');
    await page.locator('[data-cell="base/fennel/switch-2.down"] a').click();
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('anchor');
    await page.getByPlaceholder('Type an action, Enter assigns it').press('Enter');
    await expect(page.locator('[data-cell="base/fennel/switch-2.down"]')).toContainText('Anchor');
    await flip(page, 'fennel/switch-2.up');
    await expect(page.locator('#tape-lines')).toContainText(/Switch 2 down closed → layer Cruise → pulse 60 ms → Anchor → key A → Skerrywing: Anchor down/);
});

test('a press that leads to nothing says why', async ({ page, app }) => {
    await app.open(page, 'bench');
    await flip(page, 'fennel/switch-2.up');
    await expect(page.locator('#tape-lines')).toContainText('Fennel · Switch 2 up closed → layer Cruise → nothing is assigned to it');
});

test('a batch of the page that was left, still on its way, does not swallow what is done on the new one', async ({ page, app }) => {
    await app.open(page, 'bench');
    const taken = await page.evaluate(async () => {
        const { live } = window.nailrod;
        await live.settled();
        // Another page of this session was just left: its batch takes the next number, at a later time.
        const response = await fetch(`/live/${live.id}`, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' }, body: JSON.stringify({ n: live.n + 1, page: 'left', to: live.now() + 300_000, set: live.set, inputs: [] }) });
        live.input('fennel/ring', 1);

        return response.status;
    });
    expect(taken).toBe(200);
    await expect(page.locator('#live-layer')).toHaveText('On water');
});

test('hands that are at work while the page opens go to the server one batch at a time, and all arrive', async ({ page, app }) => {
    await page.addInitScript(() => {
        const fetch = window.fetch.bind(window);
        const under = { now: 0, most: 0 };
        window.under = under;
        window.fetch = async (...order) => {
            const isBatch = /\/live\/[0-9a-f]+$/.test(String(order[0]));
            under.now += Number(isBatch);
            under.most = Math.max(under.most, under.now);
            try {
                return await fetch(...order);
            } finally {
                under.now -= Number(isBatch);
            }
        };
        document.addEventListener('live:answer', () => {
            window.nailrod.live.input('fennel/ring', 1);
            window.nailrod.live.input('fennel/mark', 1);
            window.nailrod.live.input('fennel/mark', 0);
        }, { once: true });
    });
    await app.open(page, 'bench');
    await expect(page.locator('#live-layer')).toHaveText('On water');
    await page.evaluate(() => window.nailrod.live.settled());
    expect(await page.evaluate(() => window.nailrod.live.picture.closed.filter((ref) => ['fennel/ring', 'fennel/mark'].includes(ref)))).toEqual(['fennel/ring']);
    expect(await page.evaluate(() => window.under.most)).toBe(1);
});
