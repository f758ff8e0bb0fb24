import { chromium } from '@playwright/test';
import { App } from './app.js';
import * as hands from './hands.js';
const app = await App.fresh();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
page.on('console', (m) => { if (m.type() === 'error') console.log('CONSOLE', m.text()); });
page.on('pageerror', (e) => console.log('ERROR', e.message));
const shot = async (name) => { await page.waitForTimeout(500); await page.screenshot({ path: `/dev/shm/shots/${name}.png` }); };
const steps = (await import(process.argv[2])).default;
try { await steps({ app, page, shot, ...hands }); } catch (e) { console.log(e.message); await shot('failed'); }
await browser.close();
await app.end();
