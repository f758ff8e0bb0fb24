// Takes the pictures of docs/screenshots from the demo data: node tests/Browser/pictures.js
import { chromium } from '@playwright/test';
import { App } from './app.js';
import { change, flip, latch, moveLever, press } from './hands.js';

const app = await App.fresh();
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const shot = async (name) => {
    await page.mouse.move(640, 2);
    await page.waitForTimeout(500);
    await page.evaluate(() => document.querySelectorAll('.notices .notice').forEach((notice) => notice.remove()));
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

await app.open(page, 'shape', '?axis=fennel/left-lever');
await change(page, '#f-low', 3);
await change(page, '#f-k', 28);
const stop = page.locator('.panel__new form');
await stop.locator('[name="opener"]').selectOption('fennel/left-thumb');
await stop.getByText('Right lever').click();
await stop.getByText('Put the stop in').click();
await page.locator('.panel__part--stop .says').waitFor();
await moveLever(page, 'fennel/left-lever', 0.97, 40);
await shot('shape');
await page.emulateMedia({ colorScheme: 'dark' });
await shot('shape-dark');
await page.emulateMedia({ colorScheme: 'light' });

await app.open(page, 'assign', '?layer=base&ref=fennel/switch-2.up');
for (const [layer, ref, action] of [['base', 'fennel/switch-2.up', 'Anchor light'], ['base', 'fennel/switch-3.up', 'Water rudder down'], ['base', 'fennel/switch-3.down', 'Water rudder up'], ['water', 'fennel/switch-3.up', 'Make mooring fast']]) {
    await page.locator(`[data-cell="${layer}/${ref}"] a`).click();
    await page.locator(`[data-cell="${layer}/${ref}"].is-picked`).waitFor();
    await page.getByPlaceholder('Type an action, Enter assigns it').fill(action);
    await page.getByPlaceholder('Type an action, Enter assigns it').press('Enter');
    await page.locator(`[data-cell="${layer}/${ref}"][data-action]`).waitFor();
}
await page.locator('[data-cell="base/fennel/switch-2.up"] a').click();
await page.locator('.advice').waitFor();
await shot('assign');

await app.open(page, 'bench');
await page.locator('[data-record]').click();
await page.locator('[data-record][aria-pressed="true"]').waitFor();
await moveLever(page, 'fennel/left-lever', 0.4, 20);
await moveLever(page, 'fennel/left-lever', 1, 40);
await press(page, 'fennel/left-thumb', 150);
await flip(page, 'fennel/switch-1.up');
await press(page, 'fennel/mark');
await page.waitForTimeout(300);
await latch(page, 'fennel/ring');
await flip(page, 'fennel/switch-3.up');
await page.waitForTimeout(400);
await press(page, 'gorse/button-3');
await latch(page, 'fennel/ring');
await page.waitForTimeout(300);
await flip(page, 'fennel/switch-2.up');
await shot('bench');

await app.open(page, 'store');
await page.locator('#write').click();
await page.locator('.verdict--good').waitFor();
await page.request.get(`${app.url}/sets/skerrywing/store`);
await app.open(page, 'shape', '?axis=fennel/right-lever');
await change(page, '#f-k', 15);
await app.open(page, 'store');
await shot('store');

await app.open(page, 'rig');
await moveLever(page, 'fennel/friction', 0.6, 20);
await flip(page, 'fennel/switch-3.up');
await press(page, 'fennel/left-thumb');
await shot('rig');
await browser.close();
await app.end();
