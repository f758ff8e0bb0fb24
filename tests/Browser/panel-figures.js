// Figures of a panel in the hand: from a finger to the desk, and back to the tile; a part of bin/bench.
import { chromium } from '@playwright/test';
import { App } from './app.js';
import { saved } from './hands.js';

const TAPS = 100;
const line = (name, value) => console.log(`${name.padEnd(58)} ${value.toFixed(2).padStart(10)} ms`);
const at = (times, part) => times.sort((a, b) => a - b)[Math.floor((times.length - 1) * part)];

const app = await App.fresh();
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const desk = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await app.open(desk, 'panel');
await desk.locator('.inline-new [name="name"]').fill('Mail route');
await saved(desk, () => desk.getByRole('button', { name: 'Draw it' }).click());
await saved(desk, () => desk.locator('[data-tile-kind="press"]').click());
const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
await phone.goto(`${app.url}/panel/clover`);
const tile = phone.locator('[data-touch="clover/press"]');
await tile.waitFor();
await phone.waitForTimeout(1500);
const box = await tile.boundingBox();
const session = await phone.context().newCDPSession(phone);
const touch = (type) => session.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ id: 1, x: box.x + box.width / 2, y: box.y + box.height / 2 }] });

// When each page is told of the tile, by the one clock of this machine; and when the finger came down, where that is heard first.
for (const page of [desk, phone]) {
    await page.evaluate(() => {
        document.addEventListener('live:answer', ({ detail }) => {
            if (detail.hands['clover/press'] !== window.was) {
                window.was = detail.hands['clover/press'];
                window.told = performance.timeOrigin + performance.now();
            }
        });
        document.addEventListener('pointerdown', () => { window.down = performance.timeOrigin + performance.now(); }, true);
    });
}
const [there, back] = [[], []];
for (let i = 0; i < TAPS; i++) {
    await touch('touchStart');
    await Promise.all([desk, phone].map((page) => page.waitForFunction(() => window.was === 1)));
    const down = await phone.evaluate(() => window.down);
    there.push(await desk.evaluate(() => window.told) - down);
    back.push(await phone.evaluate(() => window.told) - down);
    await touch('touchEnd');
    await Promise.all([desk, phone].map((page) => page.waitForFunction(() => window.was === 0)));
}
line(`from a finger to the desk's picture, the middle of ${TAPS}`, at(there, 0.5));
line('from a finger back to the tile by the rig\'s word', at(back, 0.5));
line('the same, the slowest of all', at(back, 1));
await browser.close();
await app.end();
