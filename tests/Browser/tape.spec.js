import { expect, test } from './app.js';
import { hold, unfold } from './hands.js';

/** The tape: lines that stay as they were written, and what is on now beside them. */

const lines = (page) => page.locator('#tape-lines');
const on = (page) => page.locator('#tape-on');

/** Every line that is ever shown, with its text. @returns how many there were, once all is done; what is written anew is a fault */
async function watched(page) {
    await page.evaluate(() => {
        window.seen = {};
        window.changed = [];
        new MutationObserver(() => {
            for (const { dataset, textContent } of document.querySelectorAll('[data-line]')) {
                window.seen[dataset.line] ??= textContent;
                if (window.seen[dataset.line] !== textContent) {
                    window.changed.push([window.seen[dataset.line], textContent]);
                }
            }
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
    });

    return async () => {
        const [seen, changed] = await page.evaluate(() => [Object.keys(window.seen).length, window.changed]);
        expect(changed, 'no line is written anew').toEqual([]);

        return seen;
    };
}

test('what is held is on now, its end is a line of its own that points to its beginning, and no line changes', async ({ page, app, context }) => {
    await app.open(page, 'bench');
    await unfold(page, '#log');
    const changed = await watched(page);
    await expect(on(page)).toBeHidden();
    await hold(page, 'fennel/right-thumb');
    await expect(on(page)).toHaveText('Starter');
    await expect(lines(page)).toContainText('Right thumb closed → layer Cruise → follow → Starter → output');
    await expect(lines(page)).toContainText('Skerrywing: Starter');
    await page.mouse.up();
    await expect(on(page)).toBeHidden();
    await expect(lines(page)).toContainText(/Fennel · Right thumb opened → Starter off, after \d+(\.\d)? (s|ms)/);
    // Who points at the end sees the beginning.
    const end = page.locator('#log .tape__line--ends', { hasText: 'Starter off' });
    await end.hover();
    await expect(page.locator('#log .is-meant')).toContainText('Right thumb closed');
    await page.evaluate(() => { window.nailrod.live.input('gorse/button-3', 1); window.nailrod.live.input('gorse/button-3', 0); });
    await expect(lines(page)).toContainText('key Ctrl+L up, after 60 ms');
    expect(await changed()).toBeGreaterThan(4);
    // A page that comes later knows what is on.
    await page.evaluate(() => window.nailrod.live.input('gorse/trigger.half', 1));
    await expect(on(page)).toHaveText('Talk');
    const other = await context.newPage();
    await app.open(other, 'layers');
    await expect(on(other)).toHaveText('Talk');
    await page.evaluate(() => window.nailrod.live.input('gorse/trigger.half', 0));
    await expect(on(other)).toBeHidden();
    await expect(lines(other)).toContainText('Talk off, after');
});

test('lines stay as they are while much is pressed, and a page that is closed ends what it held', async ({ page, app, context }) => {
    await app.open(page, 'bench');
    await unfold(page, '#log');
    const changed = await watched(page);
    const other = await context.newPage();
    await app.open(other, 'bench');
    await other.evaluate(() => window.nailrod.live.input('fennel/right-thumb', 1));
    await expect(on(page)).toHaveText('Starter');
    for (let i = 0; i < 12; i++) {
        const port = ['gorse/trigger.half', 'gorse/trigger.full', 'fennel/mark', 'fennel/ring'][i % 4];
        await page.evaluate(([ref, value]) => window.nailrod.live.input(ref, value), [port, i < 8 ? (i < 4 ? 1 : 0) : 1]);
        await page.waitForTimeout(60);
    }
    await other.close();
    await expect(on(page)).not.toContainText('Starter');
    await expect(page.locator('#log')).toContainText('Starter off, after');
    await page.waitForTimeout(400);
    expect(await changed()).toBeGreaterThan(12);
});

test('a window of the game that takes all keys says of each what it took, and is shut from the page', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/quay-cable/bench?device=bracken`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    const tap = (port) => page.evaluate((ref) => { window.nailrod.live.input(ref, 1); window.nailrod.live.input(ref, 0); }, port);
    await tap('bracken/push-12');
    await expect(page.locator('#game-window')).toContainText('harbour map is open and takes all keys');
    await tap('gorse/button-3');
    await expect(lines(page)).toContainText(/nothing of key \S+ \(its harbour map is open and takes all keys; Escape shuts it\)/);
    await page.getByRole('button', { name: 'Shut it' }).click();
    await expect(page.locator('#game-window')).toBeHidden();
    await tap('gorse/button-3');
    await expect(lines(page)).toContainText('Quay & Cable: Cabin light');
});
