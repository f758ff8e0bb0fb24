// What the storage grows by, over HTTP: node tests/Browser/storage-figures.js [--quick]
// A thousand edits, then a hundred thousand batches of a hand of which some are recorded; then all that is no longer needed goes.
import { App } from './app.js';

const quick = process.argv.includes('--quick');
const EDITS = quick ? 100 : 1000;
const BATCHES = quick ? 5000 : 100_000;

const line = (name, value, unit, more = '') => console.log(`${name.padEnd(58)} ${value.toFixed(1).padStart(10)} ${unit}${more}`);
const KB = 1024;
const app = await App.fresh();
const started = app.sizes();
const post = (path, body, headers = {}) => fetch(`${app.url}${path}`, { method: 'POST', body, redirect: 'manual', headers });

const place = `${app.url}/sets/skerrywing/layers`;
const page = await fetch(place);
let text = await page.text();
const cookie = page.headers.getSetCookie().map((one) => one.split(';')[0]).join('; ');
const token = /csrf-token" content="([^"]+)"/.exec(text)[1];
const revision = (html) => /data-revision="(\d+)"/.exec(html)[1];
for (let i = 0; i < EDITS; i++) {
    const body = new URLSearchParams({ _token: token, from: revision(text), layer: 'water', name: `On water ${i}`, colour: '2', lets_go: '0' });
    const answer = await post('/sets/skerrywing/layers/say', body, { cookie, Referer: place });
    if (answer.status !== 303) {
        throw new Error(`Edit ${i} was not made: ${answer.status}`);
    }
    text = await (await fetch(place, { headers: { cookie } })).text();
}
const edited = app.sizes();
line(`database, for each of ${EDITS} edits`, (edited.database - started.database) / EDITS / KB, 'KB');
line('compiled sets after them', edited['compiled sets'] / KB, 'KB', `   ${((edited['compiled sets'] - started['compiled sets']) / EDITS / KB).toFixed(2)} KB for each`);

const rigToken = /data-rig-token="([^"]+)"/.exec(text)[1];
const ask = async (path, body) => {
    const answer = await fetch(`http://127.0.0.1:${app.rigPort}${path}`, { method: 'POST', headers: { Authorization: `Bearer ${rigToken}` }, body: JSON.stringify(body) });
    if (answer.status >= 300) {
        throw new Error(`${path} was answered ${answer.status}`);
    }

    return answer.status === 204 ? {} : answer.json();
};
const { hand } = await ask('/hands', { name: 'Figures', kind: 'recording' });
const RECORDED = Math.min(2000, BATCHES / 10);
for (let n = 1; n <= BATCHES; n++) {
    if (n === 1) {
        await ask('/orders', { order: 'record' });
    } else if (n === RECORDED + 1) {
        await ask('/orders', { order: 'keep', name: 'Kept' });
    }
    await ask(`/hands/${hand}`, { n, t: 33_000 * n, inputs: [[33_000 * n - 5000, 'fennel/left-lever', 812 + ((700 * n) % 64_000)], [33_000 * n - 200, 'fennel/mark', n % 2]] });
}
const played = app.sizes();
line(`database, more after ${BATCHES} batches`, (played.database - edited.database) / KB, 'KB');
line('logs, more after them', (played.logs - started.logs) / KB, 'KB', `   ${((played.logs - started.logs) / BATCHES).toFixed(2)} bytes a batch`);
line(`recordings, ${RECORDED} batches kept`, played.recordings / KB, 'KB', `   ${(played.recordings / RECORDED / 2).toFixed(1)} bytes a row`);
app.artisan('nailrod:tidy');
const tidied = app.sizes();
for (const [name, bytes] of Object.entries(tidied)) {
    line(`${name}, once it is tidied`, bytes / KB, 'KB', name === 'logs' ? '   of all that has run here' : '');
}
await app.end();
