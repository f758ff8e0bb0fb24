import { expect, test } from './app.js';

/** A phone in the hand: a swipe that begins at an edge is a swipe, whatever lies under it; every page can be reached. */

const shown = (page) => page.locator('[data-hand-page]:not([hidden])').getAttribute('data-hand-page').then(Number);

for (const viewport of [{ width: 390, height: 844 }, { width: 844, height: 390 }]) {
    test(`swipes from both edges over each tile turn the page and press nothing, at ${viewport.width} x ${viewport.height}`, async ({ browser, app }) => {
        const context = await browser.newContext({ viewport, hasTouch: true, isMobile: true });
        const page = await context.newPage();
        await page.clock.install();
        await page.goto(`${app.url}/panel/clover`);
        await page.locator('.hand__pages').waitFor();
        await page.waitForTimeout(500);
        await page.evaluate(() => {
            window.pressed = [];
            document.addEventListener('live:input', ({ detail }) => window.pressed.push(`${detail.port} ${detail.value}`));
        });
        const session = await context.newCDPSession(page);
        const touch = (type, ...at) => session.send('Input.dispatchTouchEvent', { type, touchPoints: at.map(([x, y]) => ({ x, y })) });
        const swipe = async (from, to, y) => {
            await touch('touchStart', [from, y]);
            for (const part of [0.25, 0.5, 0.75, 1]) {
                await touch('touchMove', [from + (to - from) * part, y]);
            }
            await touch('touchEnd');
        };
        const count = await page.locator('[data-hand-page]').count();
        expect(count).toBeGreaterThan(1);
        const atEdges = await page.evaluate((width) => {
            const rows = new Set();
            for (let y = 4; y < window.innerHeight - 40; y += 12) {
                for (const x of [14, width - 14]) {
                    rows.add(document.elementFromPoint(x, y)?.closest('[data-touch], [data-turn], .ptile') ? y : 0);
                }
            }

            return [...rows].filter(Boolean);
        }, viewport.width);
        expect(atEdges.length).toBeGreaterThan(4);
        // A finger that stays presses: how long one does is told here, and not by how busy the machine is.
        await page.clock.pauseAt(await page.evaluate(() => Date.now() + 1000));
        for (const y of atEdges) {
            expect(await shown(page)).toBe(1);
            await swipe(viewport.width - 14, 120, y);
            expect(await shown(page), `from the right at ${y}`).toBe(2);
            await swipe(14, viewport.width - 120, y);
            expect(await shown(page), `from the left at ${y}`).toBe(1);
        }
        await page.clock.runFor(300);
        expect(await page.evaluate(() => window.pressed)).toEqual([]);
        await page.clock.resume();
        // Every page by the strip.
        for (let number = count; number >= 1; number--) {
            await page.locator('.hand__strip button').nth(number - 1).click();
            await expect(page.locator('.hand__strip button').nth(number - 1)).toHaveAttribute('aria-current', 'true');
            expect(await shown(page)).toBe(number);
        }
        // A tap and a finger that stays on a tile at the edge are presses.
        const tile = await page.evaluate((width) => {
            for (let y = 4; y < window.innerHeight - 40; y += 6) {
                for (const x of [18, width - 18]) {
                    const port = document.elementFromPoint(x, y)?.closest('button[data-touch]')?.getAttribute('data-touch');
                    if (port) {
                        return { x, y, port };
                    }
                }
            }

            return null;
        }, viewport.width);
        if (tile !== null) {
            await touch('touchStart', [tile.x, tile.y]);
            await touch('touchEnd');
            await expect.poll(() => page.evaluate(() => window.pressed)).toEqual([`${tile.port} 1`, `${tile.port} 0`]);
            await touch('touchStart', [tile.x, tile.y]);
            await expect.poll(() => page.evaluate(() => window.pressed.length)).toBe(3);
            await touch('touchEnd');
            await expect.poll(() => page.evaluate(() => window.pressed.length)).toBe(4);
        }
        await context.close();
    });
}

test('as new, a phone has the tiles that the file of the device draws', async ({ page, app }) => {
    await app.asNew('skerrywing');
    const desk = await page.context().newPage();
    await app.open(desk, 'bench');
    await page.goto(`${app.url}/panel/clover`);
    await expect(page.locator('[data-hand-page]')).toHaveCount(2);
    await expect(page.locator('[data-touch]')).toHaveCount(40);
    const tile = page.locator('[data-touch="clover/tile-1"]');
    await expect(tile).toContainText('Mooring lines');
    await page.bringToFront();
    const box = await tile.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await expect.poll(() => desk.evaluate(() => window.nailrod.live.picture.closed.includes('clover/tile-1'))).toBe(true);
    await page.mouse.up();
    await expect.poll(() => desk.evaluate(() => window.nailrod.live.picture.closed.includes('clover/tile-1'))).toBe(false);
});
