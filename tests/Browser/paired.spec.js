import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { App, expect, test } from './app.js';

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
        if (process.env.NAILROD_ONE_NETWORK) { throw new Error('asked for'); }
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
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });

    return { page: await context.newPage(), end: async () => { await browser.close(); rmSync(folder, { recursive: true }); } };
}

/** Fingers on a panel, each by its own number. */
async function fingers(page) {
    const session = await page.context().newCDPSession(page);
    const on = new Map();
    const tell = (type) => session.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: [...on].map(([id, at]) => ({ id, ...at })),
    });

    return {
        async down(id, port) {
            const box = await page.locator(`[data-touch="clover/${port}"]`).boundingBox();
            on.set(id, { x: box.x + box.width / 2, y: box.y + box.height / 2 });
            await tell('touchStart');
        },
        async slideOff(id) {
            on.set(id, { x: on.get(id).x, y: 20 });
            await tell('touchMove');
        },
        up(id) {
            on.delete(id);

            return tell(on.size > 0 ? 'touchMove' : 'touchEnd');
        },
    };
}

test('a phone of the house is paired by the code that is typed, works the game by several fingers, is cut off and back, is given more, and is taken away', async ({ page }) => {
    test.slow();
    const isLaid = lay();
    const desk = isLaid ? away : BESIDE;
    const app = await App.fresh({ open: desk });
    const hand = await elsewhere(isLaid);
    const out = `http://${desk}:${app.port}`;
    const isDown = (port, value) => page.waitForFunction(
        ([of, wanted]) => (window.nailrod.live.picture?.hands[`clover/${of}`] ?? 0) === wanted,
        [port, value],
    );
    try {
        await test.step('not paired: nothing but the page for the code, and no file but what that needs', async () => {
            await page.goto(`${app.url}/sets/skerrywing/panel`);
            await page.waitForFunction(() => window.nailrod?.live.picture !== null);
            const open = { '/': 200, '/panel/clover': 200, '/icon.svg': 200 };
            const shut = { '/sets/skerrywing/rig': 404, '/favicon.ico': 404, '/robots.txt': 404 };
            for (const [path, status] of Object.entries({ ...open, ...shut })) {
                expect((await hand.page.goto(out + path)).status(), path).toBe(status);
            }
            await hand.page.goto(`${out}/`);
            await expect(hand.page).toHaveURL(`${out}/pair`);
            await hand.page.getByLabel('Code').fill('000 000');
            await hand.page.getByRole('button', { name: 'Pair' }).click();
            await expect(hand.page.getByRole('alert')).toContainText('The desk shows no code just now');
        });

        await test.step('as a camera opens the picture of the code, it stands there', async () => {
            await page.getByRole('button', { name: 'Show a code' }).click();
            await expect(page.locator('.phones__qr path')).toHaveAttribute('d', /^M0 0h1v1/);
            const link = await page.locator('[data-qr]').getAttribute('data-qr');
            expect(link).toMatch(new RegExp(`^${out}/pair#\\d{6}$`));
            await hand.page.goto('about:blank');
            await hand.page.goto(link);
            await expect(hand.page.getByLabel('Code')).toHaveValue(/^\d{3} ?\d{3}$/);
        });

        await test.step('typed, pairing is a tap', async () => {
            await hand.page.goto('about:blank');
            await hand.page.goto(`${out}/pair`);
            await hand.page.getByLabel('Code').fill(await page.locator('.phones__code b').innerText());
            await hand.page.getByLabel('What this phone is called').fill('Phone of Una');
            await hand.page.getByRole('button', { name: 'Pair' }).tap();
            await expect(hand.page).toHaveURL(`${out}/panel/clover`);
            // A plain address keeps no screen awake: that is said once. Where no other network can be laid, the address
            // is one of this machine, which a browser trusts as it stands.
            expect(await hand.page.evaluate(() => window.isSecureContext)).toBe(!isLaid);
            if (isLaid) {
                await hand.page.getByRole('button', { name: 'Understood' }).tap();
            }
            await expect(hand.page.locator('#hand-note')).toBeHidden();
            const cookies = await hand.page.context().cookies();
            expect(cookies.find(({ name }) => name === 'panel')).toMatchObject({ httpOnly: true, sameSite: 'Strict' });
        });

        const touch = await fingers(hand.page);
        await test.step('what is tapped moves the game, and what the game does shows on the tile', async () => {
            await page.goto(`${app.url}/sets/skerrywing/bench`);
            await page.waitForFunction(() => window.nailrod?.live.picture !== null);
            const squelch = hand.page.locator('[data-touch="clover/squelch"]');
            await expect(squelch).not.toHaveClass(/is-on/);
            await touch.down(1, 'squelch');
            await touch.up(1);
            await expect(page.locator('#tape')).toContainText('Squelch');
            await expect(page.locator('#tape')).toContainText('Phone of Una');
            await expect(page.locator('[data-variable="squelch"]')).toContainText('on');
            await expect(squelch).toHaveClass(/is-on/);
            await page.locator('[data-game="squelch"]').click();
            await expect(squelch).not.toHaveClass(/is-on/);
        });

        await test.step('two fingers at once; one that slides off has let go', async () => {
            const channel = hand.page.locator('.ptile--pair', { hasText: 'Channel' }).locator('.ptile__value');
            const was = Number(await channel.innerText());
            await touch.down(1, 'talk');
            await touch.down(2, 'channel.plus');
            await isDown('talk', 1);
            await isDown('channel.plus', 1);
            await touch.up(2);
            await expect(channel).toHaveText(String(was + 1));
            await touch.slideOff(1);
            await isDown('talk', 0);
            await touch.up(1);
        });

        await test.step('the line is cut: what it held is let go of, and the phone says so on its face', async () => {
            await touch.down(1, 'talk');
            await isDown('talk', 1);
            // A line can be cut only where a network could be laid.
            if (isLaid) {
                ip('link', 'set', near, 'down');
                await expect(hand.page.locator('#hand-cut')).toBeVisible({ timeout: 10_000 });
                await page.waitForFunction(
                    () => window.nailrod.live.picture?.hands['clover/talk'] === 0,
                    undefined,
                    { timeout: 20_000 },
                );
                ip('link', 'set', near, 'up');
                await expect(hand.page.locator('#hand-cut')).toBeHidden({ timeout: 20_000 });
            }
            await touch.up(1);
            await isDown('talk', 0);
            await touch.down(1, 'talk');
            await isDown('talk', 1);
            await touch.up(1);
            await isDown('talk', 0);
        });

        await test.step('it is given the whole rig to look at: asked twice, and no change is taken', async () => {
            await page.goto(`${app.url}/sets/skerrywing/panel`);
            await expect(page.locator('.panels__list')).toContainText('Phone of Una');
            await page.locator('.phones__one [name="gets"]').selectOption('look');
            await page.getByRole('button', { name: 'Give it that' }).click();
            await page.getByRole('button', { name: 'Yes, give it the whole rig to look at' }).click();
            await expect(page.locator('.phones__one')).toContainText('gets the whole rig to look at');
            await hand.page.reload();
            await hand.page.getByRole('link', { name: 'The rig' }).click();
            await expect(hand.page.locator('main#place')).toBeVisible();
            await expect(hand.page.locator('body')).toContainText('what is changed here is not taken');
            await hand.page.waitForFunction(() => window.nailrod?.live.picture !== null);
            await page.locator('.phones__one [name="gets"]').selectOption('panel');
            await page.getByRole('button', { name: 'Give it that' }).click();
            await expect(page.locator('.phones__one')).toContainText('gets its panel');
            await hand.page.goto(`${out}/panel/clover`);
            await expect(hand.page.locator('[data-touch="clover/talk"]')).toBeVisible();
        });

        await test.step('it gets nothing else, and is taken away at once', async () => {
            const asked = await hand.page.evaluate(
                async (url) => (await fetch(`${url}/sets/skerrywing/rig`)).status,
                out,
            );
            expect(asked).toBe(403);
            await page.getByRole('button', { name: 'Take Phone of Una away' }).click();
            await expect(page.locator('.panels__list')).not.toContainText('Phone of Una');
            await expect(hand.page).toHaveURL(`${out}/pair`);
            await hand.page.goto(`${out}/panel/clover`);
            await expect(hand.page).toHaveURL(`${out}/pair`);
        });
    } finally {
        await hand.end();
        await app.end();
        lift();
    }
});

test('many who guess at once, over the line: none gets in, and who has the new code does', async ({ page }) => {
    test.slow();
    const app = await App.fresh({ open: BESIDE });
    const guesses = Number(process.env.NAILROD_GUESSES ?? 600);
    const out = `http://${BESIDE}:${app.port}`;
    try {
        await page.goto(`${app.url}/sets/skerrywing/panel`);
        await page.getByRole('button', { name: 'Show a code' }).click();
        const code = (await page.locator('.phones__code b').innerText()).replaceAll(' ', '');
        const first = await fetch(`${out}/pair`);
        const cookie = first.headers.getSetCookie().map((one) => one.split(';')[0]).join('; ');
        const token = /name="_token" value="([^"]+)"/.exec(await first.text())[1];
        const guess = async (said) => (await fetch(`${out}/pair`, { method: 'POST', redirect: 'manual', headers: { cookie, Origin: out }, body: new URLSearchParams({ _token: token, code: said, name: 'Thief' }) })).status;
        const came = {};
        let next = 1;
        await Promise.all(Array.from({ length: 40 }, async () => {
            while (next <= guesses) {
                const status = await guess(String((Number(code) + next++) % 1_000_000).padStart(6, '0'));
                came[status] = (came[status] ?? 0) + 1;
            }
        }));
        expect(came).toEqual({ 422: 4, 429: guesses - 4 });
        expect(await guess(code), 'the code has ended, for its owner too').toBe(429);
        await page.reload();
        await page.getByRole('button', { name: 'Show a code' }).click();
        expect(await guess((await page.locator('.phones__code b').innerText()).replaceAll(' ', ''))).toBe(303);
        // What draws the picture is fetched while the server is still there.
        await expect(page.locator('.phones__qr path')).toHaveAttribute('d', /^M0 0h1v1/);
    } finally {
        await app.end();
    }
});
