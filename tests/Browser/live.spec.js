import { expect, test } from './app.js';
import { flip, latch, moveLever, press } from './hands.js';

/** Where there is no shared worker, as on many phones, each page has a line of its own. */
const withoutWorker = () => { delete window.SharedWorker; };

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
    await page.addInitScript(withoutWorker);
    let lost = 0;
    await page.route('**/hands/*', async (route) => {
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
    await app.open(page, 'bench');
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

test('a rig that was killed is back with everything where it was, and the page goes on', async ({ page, app }) => {
    await app.open(page, 'bench');
    await flip(page, 'fennel/switch-1.up');
    await moveLever(page, 'fennel/left-lever', 1);
    const written = app.written();
    await press(page, 'fennel/ring');
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await written;
    app.killRig();
    await press(page, 'fennel/mark');
    await expect(page.locator('#offline')).toBeHidden();
    await expect(game(page, 'sack')).toHaveText('1');
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await expect(page.locator('[data-flip="fennel/switch-1.up"]')).toHaveAttribute('aria-checked', 'true');
});

test('a lever moved in one window is seen in all; a window that is closed lets go of what it held, and only that', async ({ page, app, browser }) => {
    await app.open(page, 'bench');
    const beside = await page.context().newPage();
    await app.open(beside, 'shape', '?axis=fennel/left-lever');
    const other = await (await browser.newContext()).newPage();
    await app.open(other, 'bench');
    await other.evaluate(() => window.nailrod.live.input('fennel/mark', 1));
    await beside.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
    await page.bringToFront();
    await moveLever(page, 'fennel/left-lever', 1);
    await expect(beside.locator('#live-text')).toContainText('travel 100.0 %');
    await expect(other.locator('[data-axis="fennel/left-lever"]').first()).toHaveAttribute('aria-valuetext', /100/);
    await expect(page.locator('#live-layer')).toHaveText('On water');
    await beside.close();
    await expect(page.locator('#live-layer')).toHaveText('Cruise');
    await expect(page.locator('[data-press="fennel/mark"]')).toHaveAttribute('aria-pressed', 'true');
    await other.context().close();
    await expect(page.locator('[data-press="fennel/mark"]')).toHaveAttribute('aria-pressed', 'false');
    await expect(game(page, 'power')).toHaveText('100.0 %');
});

test('a set opened in another window does not pull the one in play from under this one', async ({ page, app, browser }) => {
    await app.open(page, 'bench');
    await moveLever(page, 'fennel/left-lever', 1);
    await expect(game(page, 'power')).toHaveText('100.0 %');
    const other = await (await browser.newContext()).newPage();
    await other.goto(`${app.url}/sets/marl/assign`);
    await expect(other.locator('#other-set')).toContainText('Skerrywing is in play now.');
    await expect(page.locator('#other-set')).toBeHidden();
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await other.getByRole('button', { name: 'Put Marl truck in play' }).click();
    await expect(other.locator('#other-set')).toBeHidden();
    await expect(page.locator('#other-set')).toContainText('Marl truck is in play now.');
    await page.getByRole('button', { name: 'Put Skerrywing in play' }).click();
    await expect(page.locator('#other-set')).toBeHidden();
    await expect(game(page, 'power')).toHaveText('100.0 %');
    await other.context().close();
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

test('hands that are at work while the page opens go to the rig one batch at a time, and all arrive', async ({ page, app }) => {
    await page.addInitScript(withoutWorker);
    await page.addInitScript(() => {
        const fetch = window.fetch.bind(window);
        const under = { now: 0, most: 0 };
        window.under = under;
        window.fetch = async (...order) => {
            const isBatch = /\/hands\/[0-9a-f]+$/.test(String(order[0]));
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

test('the live layer stands in the bar of every place, and a change is announced as one wishes', async ({ page, app }) => {
    await app.open(page, 'store');
    await expect(page.locator('#herald')).toContainText('Cruise');
    await page.locator('#herald summary').click();
    await page.getByLabel('say it in a notice').check();
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
    await expect(page.locator('#herald [data-herald-name]')).toHaveText('On water');
    await expect(page.locator('#herald-notice')).toHaveText('Layer On water');
    await expect(page.locator('#herald-notice')).toBeHidden();
    await page.getByLabel('be silent, whatever is ticked').check();
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 0));
    await expect(page.locator('#herald [data-herald-name]')).toHaveText('Cruise');
    await expect(page.locator('#herald-notice')).toBeHidden();
    await app.open(page, 'roles');
    await page.locator('#herald summary').click();
    await expect(page.getByLabel('say it in a notice')).toBeChecked();
});

test('the Rig tells which hands there are and what they hold, gives a token, and lets go of everything', async ({ page, app }) => {
    await app.open(page, 'rig', '?do=hands');
    await latch(page, 'fennel/ring');
    await expect(page.locator('[data-hands] tr')).toHaveCount(1);
    await expect(page.locator('[data-hands]')).toContainText('Fennel Ring lever');
    await page.locator('#new-token summary').click();
    await page.locator('#new-token [name=name]').fill('My button box');
    await page.getByText('move Fennel').click();
    await page.locator('#new-token .button').click();
    const token = await page.locator('.token code').first().textContent();
    const ask = (path, data) => page.request.post(`http://127.0.0.1:${app.rigPort}${path}`, { headers: { Authorization: `Bearer ${token}` }, data });
    const { hand } = await (await ask('/hands', { name: 'My box', kind: 'program' })).json();
    await ask(`/hands/${hand}`, { n: 1, inputs: [[5, 'fennel/mark', 1]] });
    await expect(page.locator('[data-hands]')).toContainText('My box');
    await expect(page.locator('[data-hands]')).toContainText('Fennel Mark button');
    await expect(page.locator('[data-hands] tr')).toHaveCount(1);
    await page.getByRole('button', { name: 'Take away' }).click();
    await expect(page.locator('.tokens')).toContainText('Pages need none');
    expect((await ask('/hands', { name: 'My box', kind: 'program' })).status()).toBe(401);
});

test('eight tabs of one browser have one line, and all are live', async ({ page, app }) => {
    await app.open(page, 'rig', '?do=hands');
    const others = [];
    for (const place of ['bench', 'shape', 'assign', 'layers', 'macros', 'lamps', 'store']) {
        const other = await page.context().newPage();
        await app.open(other, place);
        others.push(other);
    }
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
    for (const tab of [page, ...others]) {
        await expect(tab.locator('#herald [data-herald-name]')).toHaveText('On water');
    }
    await expect(page.locator('[data-eyes]')).toHaveText('One eye sees what happens.');
    await expect(page.locator('[data-hands] tr')).toHaveCount(1);
});

test('without a shared worker one tab is elected, the others are live by it, and another takes over when it is closed', async ({ context, app }) => {
    await context.addInitScript(withoutWorker);
    const pages = [];
    for (const place of ['bench', 'rig', 'assign']) {
        const page = await context.newPage();
        await app.open(page, place);
        pages.push(page);
    }
    const [first, second, third] = pages;
    const seen = (page) => page.evaluate(() => window.nailrod.live.picture.hands['fennel/left-lever']);
    const there = async () => (await second.evaluate(() => window.nailrod.live.picture.here?.eyes));
    await second.evaluate(() => window.nailrod.live.input('fennel/left-lever', 30000));
    for (const page of pages) {
        await expect.poll(() => seen(page)).toBe(30000);
    }
    await expect.poll(there).toBe(1);
    await third.evaluate(() => window.nailrod.live.input('fennel/mark', 1));
    await expect.poll(() => first.evaluate(() => window.nailrod.live.picture.closed)).toContain('fennel/mark');
    await third.close();
    await expect.poll(() => first.evaluate(() => window.nailrod.live.picture.closed)).not.toContain('fennel/mark');
    await first.close();
    await expect.poll(async () => {
        await second.evaluate(() => window.nailrod.live.input('fennel/left-lever', 20000));

        return seen(second);
    }).toBe(20000);
    await expect(second.locator('#offline')).toBeHidden();
    await second.evaluate(() => window.nailrod.live.settled());
    await expect.poll(there).toBe(1);
});

test('a page whose token has ended gets another, and is live again', async ({ page, app }) => {
    await page.route('**/sets/skerrywing/bench', async (route) => {
        const response = await route.fetch();
        await route.fulfill({ response, body: (await response.text()).replace(/data-rig-token="[^"]+"/, 'data-rig-token="page.1.ended"') });
    });
    await page.goto(`${app.url}/sets/skerrywing/bench`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('1');
});

test('a page that reaches this machine by another name has no locks and no ids of the browser, and is live all the same', async ({ page, app }) => {
    await page.addInitScript(() => {
        Object.defineProperty(navigator, 'locks', { value: undefined });
        Object.defineProperty(crypto, 'randomUUID', { value: undefined });
    });
    await app.open(page, 'bench');
    await press(page, 'fennel/mark');
    await expect(game(page, 'sack')).toHaveText('1');
});
