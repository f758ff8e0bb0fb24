import { expect, test } from './app.js';
import { pick, play, saved } from './hands.js';

const behave = (page, kind) => saved(page, () => page.locator('.behaves [name="behaviour"]').selectOption(kind));
const figure = async (page, name, value) => {
    const field = page.locator(`.behaves [name="behave[${name}_ms]"]`);
    if (await field.inputValue() !== String(value)) {
        await field.fill(String(value));
        await saved(page, () => field.press('Enter'));
    }
};
const beside = async (page, action) => {
    await page.locator('[name="beside"][form="action-list"]').check();
    await page.getByPlaceholder('Type an action, Enter assigns it').fill(action);
    await saved(page, () => page.getByPlaceholder('Type an action, Enter assigns it').press('Enter'));
};

const MARK = 'fennel/mark';

test('a repeat comes after 450 ms and then eight times a second, in exact times', async ({ page, app }) => {
    await pick(page, app, MARK);
    await behave(page, 'repeat');
    await expect(page.locator('.editor__head .says')).toContainText('repeat after 450 ms every 125 ms');
    const times = (await play(page, [[0, MARK, 1], [720, MARK, 0]])).map(([, t]) => t);
    expect(times.slice(0, 3)).toEqual([0, 450_000, 575_000]);
    expect(times.length).toBeLessThan(7);
    await saved(page, () => page.locator('.behaves [name="behave[while]"]').selectOption('until pressed again'));
    const latched = await play(page, [[0, MARK, 1], [30, MARK, 0], [700, MARK, 1], [30, MARK, 0]]);
    expect(latched.length).toBeGreaterThan(2);
    expect(latched.at(-1)[1]).toBeLessThan(1_000_000);
});

test('short, long and double on one button', async ({ page, app }) => {
    await pick(page, app, MARK);
    await behave(page, 'short/long/double');
    await saved(page, () => page.locator('.behaves [name="behave[preset]"]').selectOption('short, long and double'));
    await beside(page, 'Anchor light');
    await beside(page, 'Bilge pump');
    await expect(page.locator('.editor__does .outputs')).toContainText('short: Drop a sack');
    await expect(page.locator('.editor__does .outputs')).toContainText('double: Bilge pump');
    await figure(page, 'long', 400);
    const names = async (rows) => (await play(page, rows)).map(([what]) => what);
    const short = await names([[0, MARK, 1], [60, MARK, 0]]);
    const long = await names([[0, MARK, 1], [650, MARK, 0]]);
    const double = await names([[0, MARK, 1], [40, MARK, 0], [60, MARK, 1], [40, MARK, 0]]);
    expect(short).toEqual(['button 4']);
    expect(long).toEqual(['key ShiftLeft', 'key KeyL']);
    expect(double).toHaveLength(1 + Number(double.length > 1));
    expect(double).not.toEqual(short);
    expect(double).not.toEqual(long);
});

test('a cycle of seven sends one after the other and begins anew, and an output is taken away again', async ({ page, app }) => {
    await pick(page, app, MARK);
    await behave(page, 'cycle');
    for (const action of ['Starter', 'Anchor light', 'Bilge pump', 'Cabin light', 'Horn', 'Wing lights']) {
        await beside(page, action);
    }
    await expect(page.locator('.editor__does .outputs li')).toHaveCount(7);
    const presses = Array.from({ length: 8 }, () => [[120, MARK, 1], [40, MARK, 0]]).flat();
    const sent = (await play(page, presses)).map(([what]) => what).filter((what) => !['key ShiftLeft', 'key ControlLeft'].includes(what));
    expect(sent).toEqual(['button 4', 'button 1', 'key KeyL', 'key KeyB', 'key KeyL', 'button 3', 'key KeyL', 'button 4']);
    await saved(page, () => page.getByRole('button', { name: 'Take Starter away' }).click());
    await expect(page.locator('.editor__does .outputs li')).toHaveCount(6);
});

test('every tick of an encoder arrives, also when it is spun', async ({ page, app }) => {
    await pick(page, app, 'fennel/encoder.plus');
    await page.locator('.does [name="output[number]"]').fill('12');
    await saved(page, () => page.locator('.does').getByText('Assign', { exact: true }).click());
    await expect(page.locator('.editor__head .says')).toContainText('a pulse of 20 ms a tick');
    const ticks = await play(page, [[0, 'fennel/encoder', 1], [10, 'fennel/encoder', 3], [10, 'fennel/encoder', 2], [400, 'fennel/encoder', -1]]);
    expect(ticks.map(([, t]) => t)).toEqual([0, 40_000, 80_000, 120_000, 160_000, 200_000]);
});

test('a tow-line key stays down over a layer change until the next press, and all keys are up when the device is unplugged', async ({ page, app }) => {
    await pick(page, app, MARK);
    await page.locator('details:has(.does) summary').click();
    await page.locator('.does [name="does"]').selectOption('key');
    await page.locator('.does [name="output[code]"]').selectOption('KeyB');
    await page.locator('.does [name="behaviour"]').selectOption('toggle');
    await saved(page, () => page.locator('.does .button').click());
    const keys = (rows) => page.evaluate(async (inputs) => {
        const sent = [];
        const keep = ({ detail }) => sent.push(...detail.sent.filter((event) => event.kind === 'key').map((event) => `${event.target} ${event.value}`));
        document.addEventListener('live:answer', keep);
        for (const [port, value] of inputs) {
            port === 'unplug' ? window.nailrod.live.plug('fennel', value === 1) : window.nailrod.live.input(port, value);
            await window.nailrod.live.settled();
        }
        await new Promise((resolve) => { setTimeout(resolve, 200); });
        document.removeEventListener('live:answer', keep);

        return sent;
    }, rows);
    expect(await keys([[MARK, 1], [MARK, 0], ['fennel/ring', 1], ['fennel/ring', 0]])).toEqual(['KeyB 1']);
    expect(await keys([[MARK, 1], [MARK, 0]])).toEqual(['KeyB 0']);
    expect(await keys([[MARK, 1], [MARK, 0], ['unplug', 0]])).toEqual(['KeyB 1', 'KeyB 0']);
});

test('the two outer buttons of Teasel together are one chord, and neither fires by itself', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/assign?layer=base&device=teasel`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    const refs = await page.evaluate(() => [...document.querySelectorAll('.comb tbody tr')].map((row) => row.dataset.row));
    const [first, last] = [refs[0], refs.at(-1)];
    for (const [ref, number] of [[first, 21], [last, 22]]) {
        await pick(page, app, ref);
        await page.locator('.does [name="output[number]"]').fill(String(number));
        await saved(page, () => page.locator('.does .button').click());
    }
    await pick(page, app, first);
    await page.locator('#chords summary').click();
    await page.locator('#chords [name="together"]').selectOption(last);
    await page.locator('#chords [name="output[action]"]').selectOption({ label: 'Anchor light' });
    await saved(page, () => page.getByText('Put together').click());
    await expect(page.locator('#chords')).toContainText('within 60 ms: Anchor light');
    expect((await play(page, [[0, first, 1], [0, last, 1], [200, first, 0], [20, last, 0]])).map(([what]) => what)).toEqual(['key ShiftLeft', 'key KeyL']);
    expect((await play(page, [[0, first, 1], [200, first, 0]])).map(([what]) => what)).toEqual(['button 21']);
    await saved(page, () => page.locator('#chords').getByRole('button', { name: /Take .* away/ }).click());
    await expect(page.locator('#chords li')).toHaveCount(0);
});

test('an assignment works only while a flag is up', async ({ page, app }) => {
    await pick(page, app, MARK);
    await page.locator('#new-flag summary').click();
    await page.locator('#new-flag [name="name"]').fill('Armed');
    await saved(page, () => page.locator('#new-flag .button').click());
    await saved(page, () => page.locator('.whens [name="when"]').selectOption('flag armed up'));
    await expect(page.locator('[data-cell="base/fennel/mark"]')).toContainText('only while Armed is up');
    await pick(page, app, 'fennel/left-thumb');
    await page.locator('.does [name="does"]').selectOption('flag');
    await saved(page, () => page.locator('.does .button').click());
    expect(await play(page, [[0, MARK, 1], [40, MARK, 0]])).toEqual([]);
    expect((await play(page, [[0, 'fennel/left-thumb', 1], [20, MARK, 1], [40, MARK, 0], [20, 'fennel/left-thumb', 0]])).map(([what]) => what)).toEqual(['button 4']);
});
