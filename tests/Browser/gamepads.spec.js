import { expect, test } from './app.js';
import { move, plug, press, simulate } from './pads.js';

const device = (page, id) => page.locator(`[data-device="${id}"]`);

/** Presses a button of the controller in a slot and tells which device it was found on. */
async function lights(page, slot, id, name) {
    await press(page, slot, 0, 1);
    await expect(page.locator('[data-found-name]')).toHaveText(`Bottom button in right cluster, ${name}`);
    await press(page, slot, 0, 0);
    await expect(page.locator(`[data-now="${id}/button-1"]`)).toHaveText('open');
}

test('a controller is taken into the rig, read, missed when it goes, and known again', async ({ page, app }) => {
    await simulate(page);
    await app.open(page, 'rig');
    await plug(page, 0, 0);
    await expect(page.locator('#news')).toContainText('Bistort Pad is new. It was taken into the rig.');
    await expect(device(page, 'bistort-pad')).toBeVisible();
    await lights(page, 0, 'bistort-pad', 'Bistort Pad');
    await expect(page.locator('#rig-title')).toContainText('Bistort Pad gamepad');
    await move(page, 0, 1, -0.5);
    await expect(page.locator('[data-now="bistort-pad/left-stick.y"]')).toHaveText('-16383 · -50.0 %');
    await press(page, 0, 6, 0.25);
    await expect(page.locator('[data-now="bistort-pad/button-7"]')).toHaveText('8192 · 25.0 %');
    await press(page, 0, 3, 1);
    await expect(page.locator('[data-now="bistort-pad/button-4"]')).toHaveText('closed');
    // What comes by itself takes no answer away.
    await page.getByPlaceholder('Say a phrase, Enter').fill('Fly home');
    await page.getByPlaceholder('Say a phrase, Enter').press('Enter');
    await expect(page.locator('#notices')).toContainText('No phrase of the rig is called "Fly home".');
    await page.evaluate(() => window.unplugPad(0));
    await expect(page.locator('#news')).toContainText('Bistort Pad is gone.');
    await expect(page.locator('#notices')).toContainText('No phrase of the rig is called "Fly home".');
    await expect(device(page, 'bistort-pad').locator('[data-plug]')).toHaveAttribute('aria-pressed', 'false');
    await expect(page.locator('[data-now="bistort-pad/button-4"]')).toHaveText('open');
    await expect(page.locator('[data-now="bistort-pad/left-stick.y"]')).toHaveText('-16383 · -50.0 %');
    await plug(page, 2, 0);
    await expect(page.locator('#news')).toContainText('Bistort Pad is there.');
    await expect(page.locator('[data-now="bistort-pad/button-7"]')).toHaveText('0 · 0.0 %');
    await lights(page, 2, 'bistort-pad', 'Bistort Pad');
    await app.open(page, 'bench', '?device=bistort-pad');
    await move(page, 2, 0, 1);
    await expect(page.locator('[data-axis="bistort-pad/left-stick.x"]').first()).toHaveAttribute('aria-valuenow', '32767');
});

test('of two of the same model the right one lights, also when they come back in another order', async ({ page, app }) => {
    await simulate(page);
    await app.open(page, 'rig');
    await plug(page, 0, 0.02);
    await expect(device(page, 'bistort-pad')).toBeVisible();
    await plug(page, 1, -0.03);
    await expect(device(page, 'bistort-pad-2')).toBeVisible();
    await lights(page, 0, 'bistort-pad', 'Bistort Pad');
    await lights(page, 1, 'bistort-pad-2', 'Bistort Pad 2');
    for (const slot of [0, 1]) {
        await page.evaluate((i) => window.unplugPad(i), slot);
        await expect(device(page, slot === 0 ? 'bistort-pad' : 'bistort-pad-2').locator('[data-plug]')).toHaveAttribute('aria-pressed', 'false');
    }
    await plug(page, 0, -0.03);
    await expect(device(page, 'bistort-pad-2').locator('[data-plug]')).toHaveAttribute('aria-pressed', 'true');
    await plug(page, 1, 0.02);
    await expect(device(page, 'bistort-pad').locator('[data-plug]')).toHaveAttribute('aria-pressed', 'true');
    await lights(page, 0, 'bistort-pad-2', 'Bistort Pad 2');
    await lights(page, 1, 'bistort-pad', 'Bistort Pad');
    await page.reload();
    await page.waitForFunction(() => window.nailrod?.live.picture);
    await lights(page, 1, 'bistort-pad', 'Bistort Pad');
});

test('two that stand alike are asked about and can be swapped', async ({ page, app }) => {
    await simulate(page);
    await app.open(page, 'rig');
    await plug(page, 0, 0);
    await expect(device(page, 'bistort-pad')).toBeVisible();
    await plug(page, 1, 0);
    await expect(device(page, 'bistort-pad-2')).toBeVisible();
    await page.evaluate(() => { window.unplugPad(0); window.unplugPad(1); });
    await expect(device(page, 'bistort-pad-2').locator('[data-plug]')).toHaveAttribute('aria-pressed', 'false');
    await plug(page, 0, 0);
    await expect(page.locator('#swap-pads')).toBeVisible();
    await lights(page, 0, 'bistort-pad', 'Bistort Pad');
    await page.locator('#swap-pads').click();
    await expect(page.locator('#swap-pads')).toBeHidden();
    await lights(page, 0, 'bistort-pad-2', 'Bistort Pad 2');
});

test('two of one model can be swapped also when nobody doubts which is which', async ({ page, app }) => {
    await simulate(page);
    await app.open(page, 'rig');
    await plug(page, 0, 0.02);
    await expect(device(page, 'bistort-pad')).toBeVisible();
    await expect(page.locator('#swap-pads')).toBeHidden();
    await plug(page, 1, -0.03);
    await expect(device(page, 'bistort-pad-2')).toBeVisible();
    await lights(page, 0, 'bistort-pad', 'Bistort Pad');
    await page.locator('#swap-pads').click();
    await lights(page, 0, 'bistort-pad-2', 'Bistort Pad 2');
    await lights(page, 1, 'bistort-pad', 'Bistort Pad');
    await page.locator('#swap-pads').click();
    await lights(page, 0, 'bistort-pad', 'Bistort Pad');
});

test('a controller that was not read, since its window was covered, is told of', async ({ page, app }) => {
    await simulate(page);
    await page.addInitScript(() => {
        const frame = window.requestAnimationFrame.bind(window);
        const waiting = [];
        let rests = false;
        window.requestAnimationFrame = (call) => (rests ? waiting.push(call) : frame((time) => (rests ? waiting.push(call) : call(time))));
        window.cover = (on) => { rests = on; on || waiting.splice(0).forEach((call) => frame(call)); };
    });
    await app.open(page, 'rig');
    await plug(page, 0, 0);
    await expect(page.locator('#news')).toContainText('Bistort Pad is new.');
    await page.evaluate(() => window.cover(true));
    await press(page, 0, 3, 1);
    await page.waitForTimeout(2600);
    await press(page, 0, 3, 0);
    await page.evaluate(() => window.cover(false));
    await expect(page.locator('#news')).toContainText('s controllers were not read: a browser reads them only while their window is seen.');
});

/** Reports at 250 Hz; a minute of them by NAILROD_REPORTS=15000. */
const REPORTS = Number(process.env.NAILROD_REPORTS ?? 2400);

/** Stands in for WebHID and for a covered window: one device, whose reports the test sends, and timers that rest when they are told to. */
const covered = () => {
    const item = (said) => ({ isAbsolute: true, isArray: false, isConstant: false, isRange: false, hasNull: false, ...said });
    const box = Object.assign(new EventTarget(), {
        productName: 'Yarrow Box', opened: false, open: async () => { box.opened = true; },
        collections: [{ usagePage: 1, usage: 4, type: 1, children: [], inputReports: [{ reportId: 2, items: [
            item({ usages: [0x10030], logicalMinimum: 0, logicalMaximum: 255, reportSize: 8, reportCount: 1 }),
            item({ isRange: true, usageMinimum: 0x90001, usageMaximum: 0x90008, logicalMinimum: 0, logicalMaximum: 1, reportSize: 1, reportCount: 8 }),
        ] }] }],
    });
    const hid = Object.assign(new EventTarget(), { getDevices: async () => [], requestDevice: async () => [box] });
    Object.defineProperty(navigator, 'hid', { value: hid });
    const real = { setTimeout: window.setTimeout, setInterval: window.setInterval, requestAnimationFrame: window.requestAnimationFrame };
    const rests = { on: false };
    for (const name of Object.keys(real)) {
        window[name] = (call, ...more) => real[name].call(window, (...of) => rests.on || call(...of), ...more);
    }
    window.covered = { rest: () => { rests.on = true; }, send: (...bytes) => box.dispatchEvent(Object.assign(new Event('inputreport'), { reportId: 2, data: new DataView(new Uint8Array(bytes).buffer) })), gone: () => hid.dispatchEvent(Object.assign(new Event('disconnect'), { device: box })) };
};

test('a HID device is taken into the rig, and every report arrives while the page and its timers rest', async ({ page, app }) => {
    await page.addInitScript(covered);
    await app.open(page, 'rig');
    await page.getByText('Add a device').click();
    await page.locator('#open-hid button').click();
    await expect(page.locator('.devices')).toContainText('Yarrow Box');
    await expect(page.locator('#news')).toContainText('Yarrow Box is new. It was taken into the rig.');
    const yarrow = (await page.locator('[data-device^="yarrow"]').getAttribute('data-device'));
    const health = async () => {
        const token = await page.locator('body').getAttribute('data-rig-token');
        const told = await (await page.request.get(`http://127.0.0.1:${app.rigPort}/health`, { headers: { Authorization: `Bearer ${token}` } })).json();

        return told.hands.find(({ kind }) => kind === 'page');
    };
    // The stand-in of the pedals trembles by itself, by a timer of the page: it rests too.
    await page.evaluate(() => window.covered.rest());
    // The first report says of every input how it is.
    await page.evaluate(() => window.covered.send(255, 0));
    await page.waitForTimeout(300);
    const before = (await health()).inputs;
    const begun = Date.now();
    for (let i = 0; i < REPORTS / 10; i++) {
        await page.evaluate((n) => {
            for (let k = 0; k < 10; k++) {
                window.covered.send((10 * n + k) % 256, 0);
            }
        }, i);
        await page.waitForTimeout(Math.max(0, begun + 40 * i - Date.now()));
    }
    await expect.poll(async () => (await health())?.inputs - before).toBe(REPORTS);
    await page.evaluate(() => window.covered.send(0, 0b101));
    await page.evaluate(() => window.covered.send(0, 0b101));
    await expect.poll(async () => (await health()).holds.filter((port) => port.startsWith('yarrow'))).toHaveLength(2);
    await page.evaluate(() => window.covered.gone());
    await expect.poll(async () => (await health()).holds.filter((port) => port.startsWith('yarrow'))).toHaveLength(0);
    expect(yarrow).toBe('yarrow-box');
});
