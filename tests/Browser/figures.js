// Figures of the loom on a set as large as they come, over HTTP and in the browser: node tests/Browser/figures.js
import { chromium } from '@playwright/test';
import { App } from './app.js';

const ROUNDS = 25;
const median = (all) => all.toSorted((a, b) => a - b)[all.length >> 1];
const line = (name, value, unit, ratio) => console.log(`${name.padEnd(58)} ${value.toFixed(1).padStart(10)} ${unit}${ratio ? `   ${ratio.toFixed(2)} times an empty page` : ''}`);

process.env.NAILROD_BENCH = '1';
const app = await App.fresh();
app.artisan('nailrod:large');
const loom = `${app.url}/sets/large/assign?layer=base&ref=box-3/b4`;
const timed = async (ask) => {
    const began = performance.now();
    const answer = await ask();
    const text = await answer.text();

    return { took: performance.now() - began, text, answer };
};
const empty = [];
const posts = [];
const pages = [];
const first = await timed(() => fetch(loom));
let { text } = first;
const cookie = first.answer.headers.getSetCookie().map((one) => one.split(';')[0]).join('; ');
const token = /csrf-token" content="([^"]+)"/.exec(text)[1];
for (let round = 0; round < ROUNDS; round++) {
    empty.push((await timed(() => fetch(`${app.url}/bench-empty-page`, { headers: { cookie } }))).took);
    const body = new URLSearchParams({ _token: token, from: /data-revision="(\d+)"/.exec(text)[1], layer: 'base', ref: 'box-3/b4', does: 'button', behaviour: 'follow', 'output[number]': String(1 + (round % 100)) });
    const post = await timed(() => fetch(`${app.url}/sets/large/cells`, { method: 'POST', body, redirect: 'manual', headers: { cookie, Accept: 'text/html', Referer: loom } }));
    posts.push(post.took);
    const page = await timed(() => fetch(loom, { headers: { cookie } }));
    pages.push(page.took);
    text = page.text;
    if (post.answer.status !== 303 || !text.includes(`output ${1 + (round % 100)}`)) {
        throw new Error(`The edit was not made: ${post.answer.status}`);
    }
}
const floor = median(empty);
line('an empty page of the framework, over HTTP', floor, 'ms');
line('an edit of 1,500 assignments, until it is saved', median(posts), 'ms', median(posts) / floor);
line('the loom of it after that', median(pages), 'ms', median(pages) / floor);

const finds = [];
for (let round = 0; round < ROUNDS; round++) {
    finds.push((await timed(() => fetch(`${app.url}/sets/large/find?q=butt`, { headers: { cookie } }))).took);
}
line('anything found by four letters in it', median(finds), 'ms', median(finds) / floor);

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto(loom);
await page.waitForFunction(() => window.nailrod?.live.picture !== null);
await page.waitForTimeout(500);
await browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline.frame', 'benchmark', 'cc'] });
const frames = await page.evaluate(() => new Promise((resolve) => {
    const comb = document.getElementById('comb-scroll');
    const took = [];
    let last = performance.now();
    let way = 1;
    const step = () => {
        const now = performance.now();
        took.push(now - last);
        last = now;
        comb.scrollTop += 9 * way;
        comb.scrollLeft += 4 * way;
        if (comb.scrollTop <= 0 || comb.scrollTop + comb.clientHeight >= comb.scrollHeight - 1) {
            way = -way;
        }
        took.length < 240 ? requestAnimationFrame(step) : resolve(took.slice(1));
    };
    requestAnimationFrame(step);
}));
const trace = JSON.parse((await browser.stopTracing()).toString());
const dropped = trace.traceEvents.filter((event) => event.name === 'DroppedFrame').length;
const drawn = trace.traceEvents.filter((event) => event.name === 'DrawFrame').length;
line('frames drawn while the loom scrolls, in the browser\'s trace', drawn, '');
line('frames dropped, in the browser\'s trace', dropped, '');
line('longest time from frame to frame', Math.max(...frames), 'ms');
line('median time from frame to frame', median(frames), 'ms');
await browser.close();
await app.end();
