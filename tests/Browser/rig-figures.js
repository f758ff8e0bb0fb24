// Figures of the rig's own process, in a browser and from outside; a part of bin/bench.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { App } from './app.js';

const line = (name, value, unit, more = '') => console.log(`${name.padEnd(58)} ${String(typeof value === 'number' ? value.toFixed(value < 100 ? 2 : 0) : value).padStart(10)} ${unit}${more}`);
const at = (times, part) => times.sort((a, b) => a - b)[Math.floor((times.length - 1) * part)];

process.env.NAILROD_BENCH = '1';
const app = await App.fresh();
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await app.open(page, 'bench');
const seconds = (pid) => readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ').slice(11, 13).reduce((sum, ticks) => sum + Number(ticks) / 100, 0);

// From a movement to the picture that shows it, at 30 movements a second; not in step with the frames of the screen, which would
// make every movement wait alike.
const felt = await page.evaluate(async () => {
    const { live } = window.nailrod;
    for (let i = 0; i < 330; i++) {
        live.input('fennel/left-lever', 1000 + 150 * i);
        await new Promise((resolve) => { setTimeout(resolve, 25 + 16 * Math.random()); });
    }

    return live.latencies.slice(-300);
});
line('from a movement to its picture, the middle of 300', at(felt, 0.5), 'ms');
line('the same, 99 of 100', at(felt, 0.99), 'ms');

// A tap in one browser until another browser shows it.
const other = await (await browser.newContext()).newPage();
await app.open(other, 'store');
const taps = [];
for (let i = 0; i < 20; i++) {
    const shown = page.evaluate((value) => new Promise((resolve) => {
        const look = ({ detail }) => {
            if (detail.closed.includes('fennel/ring') === value) {
                document.removeEventListener('live:answer', look);
                resolve(Date.now());
            }
        };
        document.addEventListener('live:answer', look);
    }), i % 2 === 0);
    await page.waitForTimeout(60);
    const tapped = await other.evaluate((value) => { window.nailrod.live.input('fennel/ring', value); return Date.now(); }, i % 2 === 0 ? 1 : 0);
    taps.push(await shown - tapped);
}
line('a tap in one browser until another shows it, the slowest', Math.max(...taps), 'ms');
await browser.close();

const pid = () => Number(readFileSync(`${app.folder}/nailrod.sqlite.rig`, 'utf8'));
// The gauges of the game come to rest first.
await new Promise((resolve) => { setTimeout(resolve, 15_000); });
const before = seconds(pid());
await new Promise((resolve) => { setTimeout(resolve, 10_000); });
line('the rig while nobody does anything', (100 * (seconds(pid()) - before)) / 10, '% of a core');

// Eight hands that send 8,000 readings a second each, over their own connections.
const token = /data-rig-token="([^"]+)"/.exec(await (await fetch(`${app.url}/sets/skerrywing/bench`)).text())[1];
const ask = async (path, body) => (await fetch(`http://127.0.0.1:${app.rigPort}${path}`, { method: body ? 'POST' : 'GET', headers: { Authorization: `Bearer ${token}` }, body: body && JSON.stringify(body) })).json();
// A movement over the line, picture and events made, against a page that does nothing.
const middle = async (does) => {
    const times = [];
    for (let i = 1; i <= 200; i++) {
        const start = performance.now();
        await does(i);
        times.push(performance.now() - start);
    }

    return at(times, 0.5);
};
const mover = await ask('/hands', { name: 'Mover', kind: 'recording' });
const empty = await middle(() => fetch(`${app.url}/bench-empty-page`).then((answer) => answer.text()));
const moved = await middle((n) => ask(`/hands/${mover.hand}`, { n, t: n * 33_000, inputs: [[n * 33_000, 'fennel/left-lever', 100 * n]] }));
line('an empty page over HTTP', empty, 'ms');
line('a movement over the line', moved, 'ms', `   ${(moved / empty).toFixed(3)} of the empty page`);

const axes = ['fennel/left-lever', 'fennel/right-lever', 'gorse/stick.x', 'gorse/stick.y', 'rowan/wheel', 'sedge/rudder', 'sedge/left-toe', 'sedge/right-toe'];
const SECONDS = process.argv.includes('--quick') ? 5 : 60;
const used = seconds(pid());
const memory = (await ask('/health')).memory_bytes;
const began = performance.now();
const taken = await Promise.all(axes.map(async (axis, k) => {
    const { hand } = await ask('/hands', { name: `Hand ${k}`, kind: 'program' });
    let sum = 0;
    for (let n = 1; n <= 40 * SECONDS; n++) {
        const inputs = Array.from({ length: 200 }, (_, i) => [25_000 * n + 125 * i, axis, 900 + ((7 * i + 13 * n) % 1000)]);
        sum += (await ask(`/hands/${hand}`, { n, inputs })).taken;
        await new Promise((resolve) => { setTimeout(resolve, Math.max(0, began + 25 * n - performance.now())); });
    }

    return sum;
}));
const took = (performance.now() - began) / 1000;
const after = await ask('/health');
line('readings that eight hands sent over the line', axes.length * 8000 * SECONDS, '');
line('of them taken', taken.reduce((sum, one) => sum + one, 0), '', `   in ${took.toFixed(1)} s`);
line('of a core while they did', (seconds(pid()) - used) / took, 'cores');
line('the latest timer meanwhile', after.latest_timer_us / 1000, 'ms');
line('memory that the rig grew by', (after.memory_bytes - memory) / 1_048_576, 'MB');

// While another process holds the database: nobody at the rig waits for it.
const locks = spawn('php', ['-r', '$to = new PDO("sqlite:".$argv[1]); $to->exec("BEGIN EXCLUSIVE"); echo "held"; sleep(4);', `${app.folder}/nailrod.sqlite`]);
await new Promise((resolve) => { locks.stdout.once('data', resolve); });
const meanwhile = [];
const { hand: neighbour } = await ask('/hands', { name: 'Neighbour', kind: 'program' });
for (let n = 1; n <= 100; n++) {
    const start = performance.now();
    await ask(`/hands/${neighbour}`, { n, inputs: [[20_000 * n, 'fennel/left-lever', 100 * n]] });
    meanwhile.push(performance.now() - start);
    await new Promise((resolve) => { setTimeout(resolve, 20); });
}
line('a batch while another process holds the database, the slowest', Math.max(...meanwhile), 'ms');
line('the latest timer until then', (await ask('/health')).latest_timer_us / 1000, 'ms');
locks.kill();

const back = [];
for (let i = 0; i < 10; i++) {
    const killed = pid();
    await new Promise((resolve) => { setTimeout(resolve, 1200); });
    process.kill(killed, 'SIGKILL');
    const start = performance.now();
    while (!(await fetch(`http://127.0.0.1:${app.rigPort}/health`).then(() => true, () => false))) {
        await new Promise((resolve) => { setTimeout(resolve, 5); });
    }
    back.push(performance.now() - start);
}
line('until the rig is back after a kill, the slowest of ten', Math.max(...back), 'ms');
await app.end();
