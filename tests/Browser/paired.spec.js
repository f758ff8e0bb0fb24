import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { App, expect, test } from './app.js';
import { saved } from './hands.js';

/** A phone in another network: it is let in by a code, and to its panel only. */

const network = `nailrod-${process.pid}`;
const [near, far] = [`nn${process.pid % 100000}`, `nf${process.pid % 100000}`];
const [away, phone] = ['10.77.31.1', '10.77.31.2'];
/** Without another network: a name of this machine that is none of those by which it asks itself, which is elsewhere too. */
const BESIDE = '127.0.0.2';
const ip = (...words) => execFileSync('ip', words, { stdio: 'pipe' });

/** Is there another network? That takes the right to make one. */
function lay() {
    try {
        ip('netns', 'add', network);
        ip('link', 'add', near, 'type', 'veth', 'peer', 'name', far);
        ip('link', 'set', far, 'netns', network);
        ip('addr', 'add', `${away}/30`, 'dev', near);
        ip('link', 'set', near, 'up');
        ip('netns', 'exec', network, 'ip', 'addr', 'add', `${phone}/30`, 'dev', far);
        ip('netns', 'exec', network, 'ip', 'link', 'set', far, 'up');

        return true;
    } catch {
        lift();

        return false;
    }
}

/** What was laid of it is taken up again, as far as it came. */
function lift() {
    for (const words of [['link', 'del', near], ['netns', 'del', network]]) {
        try { ip(...words); } catch { /* it is gone, or was never there */ }
    }
}

/** A browser in the other network, if there is one. */
async function elsewhere(isLaid) {
    const folder = mkdtempSync(join(tmpdir(), 'nailrod-phone-'));
    const way = join(folder, 'chromium');
    writeFileSync(way, `#!/bin/sh\nexec ${isLaid ? `ip netns exec ${network}` : ''} ${test.info().project.use.launchOptions.executablePath} "$@"\n`);
    chmodSync(way, 0o755);
    const browser = await chromium.launch({ ...test.info().project.use.launchOptions, executablePath: way });
    const context = await browser.newContext({ viewport: { width: 844, height: 390 }, hasTouch: true });

    return { page: await context.newPage(), end: async () => { await browser.close(); rmSync(folder, { recursive: true }); } };
}

test('a phone of the house is paired by the code, is its panel, is cut off and back, and is taken away', async ({ page }) => {
    test.slow();
    const isLaid = lay();
    const desk = isLaid ? away : BESIDE;
    const app = await App.fresh({ open: desk });
    const hand = await elsewhere(isLaid);
    const out = `http://${desk}:${app.port}`;
    try {
        await page.goto(`${app.url}/sets/skerrywing/panel`);
        await page.locator('.inline-new [name="name"]').fill('Mail route');
        await saved(page, () => page.getByRole('button', { name: 'Draw it' }).click());
        await saved(page, () => page.locator('[data-tile-kind="press"]').click());
        await expect(page.locator('[data-draw-tile="press"]')).toHaveAttribute('aria-current', 'true');
        await saved(page, async () => {
            await page.locator('[name="label"]').fill('Horn');
            await page.locator('[name="label"]').press('Enter');
        });
        // Not paired: nothing but the page for the code, and no file but what that needs.
        for (const [path, status] of [['/', 200], ['/panel/clover', 200], ['/sets/skerrywing/rig', 404], ['/favicon.ico', 404], ['/icon.svg', 200], ['/robots.txt', 404]]) {
            expect((await hand.page.goto(out + path)).status(), path).toBe(status);
        }
        await hand.page.goto(`${out}/`);
        await expect(hand.page).toHaveURL(`${out}/pair`);
        await hand.page.getByLabel('Code').fill('000 000');
        await hand.page.getByRole('button', { name: 'Pair' }).click();
        await expect(hand.page.getByRole('alert')).toContainText('The desk shows no code just now');
        await page.getByRole('button', { name: 'Show a code' }).click();
        await expect(page.locator('.phones__qr path')).toHaveAttribute('d', /^M0 0h1v1/);
        const link = await page.locator('[data-qr]').getAttribute('data-qr');
        expect(link).toMatch(new RegExp(`^${out}/pair#\\d{6}$`));
        // As a camera opens it: the code stands there, and pairing is a tap.
        await hand.page.goto('about:blank');
        await hand.page.goto(link);
        await hand.page.getByLabel('What this phone is called').fill('Phone of Una');
        await hand.page.getByRole('button', { name: 'Pair' }).tap();
        await expect(hand.page).toHaveURL(`${out}/panel/clover`);
        await expect(hand.page.locator('[data-touch="clover/press"]')).toContainText('Horn');
        expect((await hand.page.context().cookies()).find(({ name }) => name === 'panel')).toMatchObject({ httpOnly: true, sameSite: 'Strict' });
        // It is a hand of the rig.
        const touch = await hand.page.context().newCDPSession(hand.page);
        const box = await hand.page.locator('[data-touch="clover/press"]').boundingBox();
        const at = { id: 1, x: box.x + box.width / 2, y: box.y + box.height / 2 };
        const isDown = (value) => page.waitForFunction((wanted) => (window.nailrod.live.picture?.hands['clover/press'] ?? 0) === wanted, value);
        await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] });
        await isDown(1);
        // The line is cut: what it held is let go of there, and the phone says so over its whole face. A line can be cut only where a network could be laid.
        if (isLaid) {
            ip('link', 'set', near, 'down');
            await expect(hand.page.locator('#hand-cut')).toBeVisible({ timeout: 10_000 });
            await page.waitForFunction(() => window.nailrod.live.picture?.hands['clover/press'] === 0, undefined, { timeout: 20_000 });
            ip('link', 'set', near, 'up');
            await expect(hand.page.locator('#hand-cut')).toBeHidden({ timeout: 20_000 });
        }
        await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
        await isDown(0);
        await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] });
        await isDown(1);
        await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
        await isDown(0);
        // It gets nothing else, and is taken away at once.
        const asked = await hand.page.evaluate(async (address) => (await fetch(`${address}/sets/skerrywing/rig`)).status, out);
        expect(asked).toBe(403);
        await page.reload();
        await expect(page.locator('.panels__list')).toContainText('Phone of Una');
        await page.getByRole('button', { name: 'Take Phone of Una away' }).click();
        await expect(page.locator('.panels__list')).not.toContainText('Phone of Una');
        await expect(hand.page).toHaveURL(`${out}/pair`);
        await hand.page.goto(`${out}/panel/clover`);
        await expect(hand.page).toHaveURL(`${out}/pair`);
    } finally {
        await hand.end();
        await app.end();
        lift();
    }
});
