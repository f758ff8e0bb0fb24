// Takes the pictures of docs/screenshots from the demo data: node tests/Browser/pictures.js
import { chromium } from '@playwright/test';
import { App } from './app.js';
import { assign, change, flip, latch, moveLever, pick, press, saved, unfold } from './hands.js';

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
await change(page, '#dead_zones-low', 3);
await change(page, '#curve-k', 28);
await unfold(page, '#new-stop [name="axes[]"]');
const stop = page.locator('#new-stop form');
await stop.locator('[name="opener"]').selectOption('fennel/left-thumb');
await stop.getByText('Right lever').click();
await stop.getByText('Put the stop in').click();
await page.locator('.part--stop .part__says').waitFor();
await page.locator('#new-stop').evaluate((part) => { part.open = false; });
for (const field of ['#dead_zones-low', '#curve-k']) {
    await page.locator(field).evaluate((element) => { element.closest('details').open = false; });
}
await moveLever(page, 'fennel/left-lever', 0.04, 10);
await page.locator('.adds [value="threshold"]').click();
await page.locator('#part-made-threshold').waitFor();
await page.locator('#part-made-threshold [name="name"]').fill('Fuel cut');
await page.locator('#part-made-threshold [name="name"]').press('Enter');
await page.locator('#part-made-threshold').getByText('Fuel cut').waitFor();
await moveLever(page, 'fennel/left-lever', 0.97, 40);
await shot('shape');
await page.emulateMedia({ colorScheme: 'dark' });
await shot('shape-dark');
await page.emulateMedia({ colorScheme: 'light' });

await app.open(page, 'rig', '?device=teasel&do=settings&side=back');
await page.locator('#back-press').click();
await page.locator('.back__lamp.is-lit').waitFor();
await shot('back');

await app.open(page, 'print', '?what=card');
await shot('print');

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

for (const name of ['Trim', 'Radio']) {
    await app.open(page, 'layers');
    await page.locator('.inline-new input[name="name"]').fill(name);
    await saved(page, () => page.getByText('Make it').click());
}
for (const [ref, hold] of [['fennel/dial.1', 'base'], ['fennel/dial.2', 'trim'], ['fennel/dial.3', 'radio']]) {
    await pick(page, app, ref);
    await assign(page, 'go to layer', { layer: hold });
}
await app.open(page, 'layers');
await shot('layers');
await pick(page, app, 'gorse/button-1');
await assign(page, 'macro', { macro: 'three-sacks' });
await app.open(page, 'macros', '?macro=three-sacks');
await shot('macros');
await app.open(page, 'lamps', '?rule=engine&device=rowan');
await page.evaluate(() => window.nailrod.live.input('fennel/left-lever', Math.round(812 + (0.02 + 0.965 * 0.84) * (64903 - 812))));
await page.waitForTimeout(4500);
await shot('lamps');

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
await page.locator('[data-record]').click();
await page.locator('[data-record][aria-pressed="false"]').waitFor();

for (const device of ['rowan', 'fennel']) {
    await app.open(page, 'store', `?device=${device}`);
    await page.locator('#write').click();
    await page.locator('.verdict--good').waitFor();
}
await page.request.get(`${app.url}/sets/skerrywing/store`);
await app.open(page, 'shape', '?axis=fennel/right-lever');
await change(page, '#curve-k', 15);
await app.open(page, 'store');
await shot('store');

await app.open(page, 'rig', '?device=sedge&do=measure&ref=sedge/rudder');
const phase = (name) => page.locator('.steps .is-now', { hasText: name }).waitFor();
const slot = await page.locator('[data-face] [data-axis="sedge/rudder"] .slot').boundingBox();
const slide = async (from, to, steps) => {
    for (let i = 0; i <= steps; i++) {
        await page.mouse.move(slot.x + slot.width * (12 / 264 + (240 / 264) * (from + ((to - from) * i) / steps)), slot.y + slot.height / 2);
        await page.waitForTimeout(40);
    }
};
await page.locator('[data-survey="measure"]').click();
await phase('Low end');
await slide(0.5, 0.5, 2);
await page.mouse.down();
await slide(0.5, -0.02, 12);
await phase('High end');
await slide(0, 1.02, 14);
await phase('Slow pass');
for (let tries = 0; tries < 4 && (await page.locator('.measure__lines').count()) === 0; tries++) {
    await slide(1, 0, 90);
    await slide(0, 1.02, 90);
    await page.waitForTimeout(1800);
}
await page.mouse.up();
await page.locator('.measure__lines').waitFor();
await shot('measure');

await app.open(page, 'rig');
await moveLever(page, 'fennel/friction', 0.6, 20);
await flip(page, 'fennel/switch-3.up');
await press(page, 'fennel/left-thumb');
await shot('rig');
await page.locator('[data-record]').click();
await press(page, 'fennel/mark');
await page.waitForTimeout(900);
await page.locator('[data-record-name] input').fill('Third drop');
await page.locator('[data-record]').click();
await page.locator('#playing').getByText('Kept as').waitFor();
for (const [name, address] of [['recordings', 'skerrywing/recordings'], ['plan', 'dunlin/plan?propose=surfaces'], ['roles', 'skerrywing/roles'], ['carry', 'hairpin-ladder/carry?old=bracken&new=teasel'], ['sets', 'skerrywing/sets']]) {
    await page.goto(`${app.url}/sets/${address}`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await shot(name);
}

await app.open(page, 'panel', '?page=5&tile=mooring');
await page.waitForFunction(() => document.querySelector('[data-next="clover/mooring"]')?.textContent !== '');
await shot('panel');
await page.setViewportSize({ width: 844, height: 390 });
await page.goto(`${app.url}/panel/clover`);
await page.locator('.ptile[data-turn="2"]:visible').click();
await page.waitForFunction(() => /hPa/.test(document.querySelector('[data-text="{altimeter}"]')?.textContent ?? ''));
await page.locator('#hand-note').evaluate((note) => note.toggleAttribute('hidden', true));
await shot('hand');
await browser.close();
await app.end();
