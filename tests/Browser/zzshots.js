import { chromium } from '@playwright/test';
import { App } from './app.js';
const app = await App.fresh();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const page = await (await browser.newContext({ viewport: { width: Number(process.env.W ?? 1280), height: 800 }, colorScheme: process.env.DARK ? 'dark' : 'light' })).newPage();
page.on('pageerror', (e) => console.log('ERR', e.message));
for (const spec of process.argv.slice(2)) {
    const [name, url] = spec.split('=', 2).length === 2 ? [spec.slice(0, spec.indexOf('=')), spec.slice(spec.indexOf('=') + 1)] : [spec, spec];
    await page.goto(app.url + url);
    await page.waitForTimeout(900);
    if (process.env.EVAL) { await page.evaluate(process.env.EVAL); await page.waitForTimeout(500); }
    await page.screenshot({ path: `/tmp/large/${name}.png` });
}
await browser.close();
await app.end();
process.exit(0);
