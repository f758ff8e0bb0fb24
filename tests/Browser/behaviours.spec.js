import { expect, test } from './app.js';
import { assign, pick, play, saved } from './hands.js';

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
    // How many come hangs on when the browser lets go, how far apart they are does not.
    expect(times.slice(1)).toEqual(times.slice(1).map((_, i) => 450_000 + 125_000 * i));
    await saved(page, () => page.locator('.behaves [name="behave[while]"]').selectOption('until pressed again'));
    const latched = await play(page, [[0, MARK, 1], [30, MARK, 0], [700, MARK, 1], [30, MARK, 0]]);
    expect(latched.length).toBeGreaterThan(2);
    expect(latched.at(-1)[1]).toBeLessThan(1_000_000);
});

test('short, long and double on one button', async ({ page, app }) => {
    await pick(page, app, MARK);
    await behave(page, 'short/long/double');
    await saved(page, () => page.locator('.behaves [name="behave[preset]"]').selectOption('tap, hold and double tap'));
    await beside(page, 'Anchor light');
    await beside(page, 'Bilge pump');
    await expect(page.locator('.editor__does .outputs')).toContainText('tap: Drop a sack');
    await expect(page.locator('.editor__does .outputs')).toContainText('double tap: Bilge pump');
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

test('an encoder is used as places and a dial as ticks; its ends and the way round are told, and one step back undoes it', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=fennel&do=arrange&ref=fennel/encoder');
    await expect(page.locator('#n-places')).toHaveCount(0);
    await saved(page, () => page.locator('#n-turns').selectOption('ends'));
    await saved(page, async () => { await page.locator('#n-places').fill('3'); await page.locator('#n-places').press('Enter'); });
    await expect(page.locator('#control-scroll')).toContainText('Each tick also goes to the next of 3 places, of which one is closed; it begins at the first and stops at the ends.');
    await page.locator('[data-encoder="fennel/encoder"]').press('ArrowUp');
    await expect(page.locator('[data-encoder="fennel/encoder"]')).toHaveAttribute('aria-valuetext', 'place 2 of 3');
    await pick(page, app, 'fennel/encoder.place-3');
    await assign(page, 'button', { number: 9, behaviour: 'follow' });
    await expect(page.locator('.editor__head .says')).toHaveText('When Encoder place 3 closes in Cruise: output 9, follow.');
    expect((await play(page, [[0, 'fennel/encoder', 1], [20, 'fennel/encoder', 1], [20, 'fennel/encoder', -2], [20, 'fennel/encoder', 2]])).map(([what]) => what)).toEqual(['button 9', 'button 9']);
    await expect(page.locator('#tape')).toContainText('Encoder place 3 closed');
    await expect(page.locator('[data-encoder="fennel/encoder"] .is-closed')).toHaveAttribute('data-contact', 'fennel/encoder.place-3');

    await page.goto(`${app.url}/sets/skerrywing/rig?device=fennel&do=arrange&ref=fennel/dial`);
    await expect(page.locator('#n-turns')).toBeVisible();
    await saved(page, () => page.locator('#n-turns').selectOption('round'));
    await expect(page.locator('#control-scroll')).toContainText('Each position that is passed also gives a tick, + or −, the shorter way round.');
    await pick(page, app, 'fennel/dial.tick-plus');
    await assign(page, 'button', { number: 10 });
    await pick(page, app, 'fennel/dial.tick-minus');
    await assign(page, 'button', { number: 11 });
    // From 1 to 3 two ticks, from 3 on to 1 the way is as long: up too; from 1 back to 4 it is one.
    const turn = (from, to) => [[60, `fennel/dial.${from}`, 0], [10, `fennel/dial.${to}`, 1]];
    expect((await play(page, [...turn(1, 3), ...turn(3, 1), ...turn(1, 4)])).map(([what]) => what)).toEqual(['button 10', 'button 10', 'button 10', 'button 10', 'button 11']);
    await expect(page.locator('#tape')).toContainText('turned to Dial at 4');
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('#place')).toContainText('Dial +, layer Cruise: the device has no ticks of a dial');
    await expect(page.locator('#place')).toContainText('Encoder place 3, layer Cruise: the device has no places of an encoder');
    await page.goto(`${app.url}/sets/skerrywing/rig?device=fennel&do=arrange&ref=fennel/encoder`);
    await saved(page, () => page.locator('#n-turns').selectOption('not'));
    await expect(page.locator('[data-encoder="fennel/encoder"] [data-place]')).toHaveCount(0);
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('[data-encoder="fennel/encoder"] [data-place]')).toHaveCount(3);
});

test('an assignment works only while a flag is up', async ({ page, app }) => {
    await pick(page, app, MARK);
    await page.locator('#new-flag summary').click();
    await page.locator('#new-flag [name="name"]').fill('Armed');
    await saved(page, () => page.locator('#new-flag .button').click());
    await saved(page, () => page.locator('.whens [name="when[0]"]').selectOption('flag armed up'));
    await expect(page.locator('[data-cell="base/fennel/mark"]')).toContainText('only while Armed is up');
    await pick(page, app, 'fennel/left-thumb');
    await page.locator('.does [name="does"]').selectOption('flag');
    await saved(page, () => page.locator('.does .button').click());
    expect(await play(page, [[0, MARK, 1], [40, MARK, 0]])).toEqual([]);
    expect((await play(page, [[0, 'fennel/left-thumb', 1], [20, MARK, 1], [40, MARK, 0], [20, 'fennel/left-thumb', 0]])).map(([what]) => what)).toEqual(['button 4']);
});

test('one button does another thing when its conditions do not hold, and each is changed by itself', async ({ page, app }) => {
    await pick(page, app, 'fennel/left-thumb');
    await page.locator('#new-flag summary').click();
    await page.locator('#new-flag [name="name"]').fill('Armed');
    await saved(page, () => page.locator('#new-flag .button').click());
    await page.locator('.does [name="does"]').selectOption('flag');
    await saved(page, () => page.locator('.does .button').click());
    await pick(page, app, MARK);
    await saved(page, () => page.locator('.whens [name="when[0]"]').selectOption('flag armed up'));
    await expect(page.getByRole('region', { name: 'Otherwise' })).toContainText('nothing happens');
    await saved(page, () => page.locator('.whens [name="when[1]"]').selectOption('variable mooring ='));
    await saved(page, () => page.locator('.whens [name="when_how"]').selectOption('any'));
    await expect(page.locator('.editor__head .says')).toContainText('only while Armed is up or Mooring line = cast off: Drop a sack');
    await page.locator('[name="else"][form="action-list"]').check();
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('Anchor light');
    await saved(page, () => page.getByPlaceholder('Type an action, Enter assigns it').press('Enter'));
    await expect(page.locator('.editor__head .says')).toContainText('otherwise: Anchor light by key Shift+L');
    // Made fast at first: neither holds.
    expect((await play(page, [[0, MARK, 1], [40, MARK, 0]])).map(([what]) => what)).toEqual(['key ShiftLeft', 'key KeyL']);
    await expect(page.locator('#tape')).toContainText('otherwise');
    expect((await play(page, [[0, 'fennel/left-thumb', 1], [20, MARK, 1], [40, MARK, 0], [20, 'fennel/left-thumb', 0]])).map(([what]) => what)).toEqual(['button 4']);
    // What it does otherwise has a behaviour of its own.
    await page.locator('.editor__else [name="behaviour"]').selectOption('follow');
    await expect(page.locator('.editor__head .says')).toContainText('otherwise: Anchor light by key Shift+L, follow.');
    await expect(page.locator('.editor__head .says')).toContainText('Drop a sack by output 4, pulse 60 ms;');
    // A switch of the game's line: cast off, and the second of the two conditions holds.
    await page.evaluate(() => window.nailrod.live.input('sim/mooring', 0));
    expect((await play(page, [[50, MARK, 1], [40, MARK, 0]])).map(([what]) => what)).toEqual(['button 4']);
    await saved(page, () => page.getByRole('button', { name: 'Nothing otherwise' }).click());
    await expect(page.locator('.editor__head .says')).not.toContainText('otherwise');
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('.editor__head .says')).toContainText('otherwise: Anchor light');
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('#place')).toContainText('the device has nothing that it does otherwise');
});

test('two buttons of two devices, held together for a second, leave the game; a slip sends nothing', async ({ page, app }) => {
    const [push, ring] = ['bracken/push-1', 'rowan/button-1'];
    await page.goto(`${app.url}/sets/marl/assign?layer=base&ref=${push}`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await expect(page.locator('#in-play')).toBeVisible();
    await page.locator('#chords summary').click();
    // The list has the controls of this device; one of another is found by pressing it, twice if it does something already.
    await page.locator('#chords [name="together"]').click();
    await expect(page.locator('.choose__find:focus')).toBeVisible();
    for (let i = 0; i < 2 && await page.locator('#chords [name="together"]').inputValue() !== ring; i++) {
        await page.evaluate((ref) => { window.nailrod.live.input(ref, 1); window.nailrod.live.input(ref, 0); }, ring);
        await page.waitForTimeout(1200);
    }
    await expect(page.locator('#chords [name="together"]')).toHaveValue(ring);
    // A stalling machine may take the two more than 60 ms apart.
    await page.locator('#chords [name="within"]').fill('500');
    await page.locator('#chords [name="held"]').fill('1000');
    await page.locator('#chords [name="does"]').selectOption('key');
    await page.locator('#chords [name="output[code]"]').selectOption('F4');
    await page.locator('#chords label', { hasText: /^Alt$/ }).first().click();
    await saved(page, () => page.getByText('Put together').click());
    await expect(page.locator('#chords')).toContainText('Push 1 + Button 1 within 500 ms, held for 1000 ms: key Alt+F4');
    expect((await play(page, [[0, push, 1], [30, ring, 1], [400, push, 0], [700, ring, 0]]))).toEqual([]);
    expect((await play(page, [[0, push, 1], [30, ring, 1], [1500, push, 0], [20, ring, 0]])).map(([what]) => what)).toEqual(['key AltLeft', 'key F4']);
    await expect(page.locator('#tape')).toContainText('Push 1 + Button 1 together for 1000 ms');
    // It is changed where it stands.
    const held = page.locator('#chords li [name="held"]');
    await held.fill('0');
    await saved(page, () => held.press('Enter'));
    await expect(page.locator('#chords')).toContainText('Push 1 + Button 1 within 500 ms: key Alt+F4');
});

test('one button does as another does, in whatever layer is live, and follows it when it moves', async ({ page, app }) => {
    await pick(page, app, 'fennel/left-thumb');
    await page.locator('#as summary').click();
    await page.locator('#as [name="as"]').selectOption(MARK);
    await saved(page, () => page.getByRole('button', { name: 'Do as it does' }).click());
    await expect(page.locator('.editor__head .says')).toContainText('Left thumb does in Cruise as Mark button does: Drop a sack');
    await expect(page.locator('[data-cell="base/fennel/left-thumb"]')).toContainText('as Mark button does');
    expect((await play(page, [[0, 'fennel/left-thumb', 1], [40, 'fennel/left-thumb', 0]])).map(([what]) => what)).toEqual(['button 4']);
    await expect(page.locator('#tape')).toContainText('as Mark button does');
    // The ring lever holds the layer On water, where the mark button casts the mooring off.
    expect((await play(page, [[0, 'fennel/ring', 1], [30, 'fennel/left-thumb', 1], [40, 'fennel/left-thumb', 0], [20, 'fennel/ring', 0]])).map(([what]) => what)).toEqual(['key KeyM']);
    await pick(page, app, 'fennel/left-thumb');
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('.editor__head .says')).toContainText('Left thumb does nothing in Cruise yet.');
    await saved(page, () => page.keyboard.press('Control+Shift+z'));
    // What it does as goes elsewhere: it follows.
    await pick(page, app, MARK);
    await page.getByText('Copy, move, swap').click();
    const transfer = page.locator('form', { has: page.locator('select[name="what"]') });
    await transfer.locator('[name="what"]').selectOption('row');
    await transfer.locator('[name="how"]').selectOption('move');
    await transfer.locator('[name="to_ref"]').selectOption('fennel/switch-2.up');
    await saved(page, () => transfer.locator('button.button').click());
    await expect(page.locator('[data-cell="base/fennel/left-thumb"]')).toContainText('as Switch 2 up does');
    await pick(page, app, 'fennel/right-lever');
    await expect(page.locator('#as')).toHaveCount(0);
});
