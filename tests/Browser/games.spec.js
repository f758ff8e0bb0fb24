import { expect, test, App } from './app.js';
import * as hands from './hands.js';
import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';

const open = async (page, app, path) => {
    await page.goto(`${app.url}/sets/${path}`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
};
/** A device that is not among the first may lie below the fold. */
const near = (page, ref) => page.locator(`[data-face] [data-control="${ref.split('.')[0]}"]`).scrollIntoViewIfNeeded();
const press = async (page, ref, ms) => { await near(page, ref); await hands.press(page, ref, ms); };
const flip = async (page, ref) => { await near(page, ref); await hands.flip(page, ref); };
const tape = (page) => page.locator('#tape-lines');
const told = (page) => page.locator('#told [data-told]');
const type = async (page, action) => {
    const field = page.getByPlaceholder('Type an action, Enter assigns it');
    await field.fill(action);
    await field.press('Enter');
};
/** Opens the list of what is told, once it has been read for the page as it is. */
const openTold = (page) => page.locator('#told').evaluate((list) => { list.open = true; });
const settled = async (page, count) => expect(page.locator('#told > summary')).toHaveText(count === 0 ? 'Told: nothing' : `Told: ${count}`);

test('a new vehicle set: a plan for a group, three actions by pressing, one turned down, mended, tried, out, and into an empty installation', async ({ page, app }) => {
    await app.asNew('skerrywing');
    test.slow();
    await open(page, app, 'skerrywing/assign');
    await page.locator('.sets__path').click();
    await page.getByRole('link', { name: 'Sets and files…' }).click();
    await page.getByPlaceholder('Its name').fill('Plover glider');
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(page).toHaveURL(/sets\/plover-glider\/sets/);
    await expect(page.locator('.sets__own')).toHaveText('Plover glider');

    await open(page, app, 'plover-glider/plan');
    await page.locator('[data-group="water"] caption').getByText('Propose').click();
    await expect(page.locator('[data-proposal]')).toHaveCount(4);
    await expect(page.locator('[data-proposal="anchor"]')).toContainText('Fennel Switch 3 up');
    await page.locator('[data-proposal="anchor"]').getByText('Not there').click();
    await expect(page.locator('[data-proposal="anchor"]')).not.toContainText('Fennel Switch 3 up');
    await page.locator('[data-proposal="water-rudder-down"]').getByRole('button', { name: 'Take' }).click();
    await expect(page.locator('tr[data-action="water-rudder-down"]')).toContainText('Fennel Switch 2 up');
    await expect(page.locator('[data-proposal]')).toHaveCount(3);

    for (const [action, row, device, key] of [['squelch', 'Squelch', 'rowan', 'rowan/button-1'], ['hatch', 'Mail hatch', 'rowan', 'rowan/button-2'], ['carb-heat', 'Intake heat', 'rowan', 'rowan/button-3']]) {
        await page.locator(`tr[data-action="${action}"]`).getByText('Press a control').click();
        await expect(page.locator('[data-take]')).toContainText(`Press the control for ${row}.`);
        await page.evaluate((ref) => { window.nailrod.live.input(ref, 1); window.nailrod.live.input(ref, 0); }, key);
        await expect(page.locator(`tr[data-action="${action}"]`)).toContainText(new RegExp(device, 'i'));
        await expect(page.locator('#notices')).toContainText('is the lowest that is free and seen.');
    }

    const mends = page.locator('#told-list [data-told] .told__do button');
    for (let left = await mends.count(); left > 0; left = await mends.count()) {
        await mends.first().click();
        await expect(mends).not.toHaveCount(left);
    }
    await expect(page.locator('#told-title')).toContainText('nothing is wrong');
    expect((await new AxeBuilder({ page }).analyze()).violations.filter(({ impact }) => ['serious', 'critical'].includes(impact)).map(({ id }) => id)).toEqual([]);

    await open(page, app, 'plover-glider/bench?device=fennel');
    await flip(page, 'fennel/switch-2.up');
    await expect(tape(page)).toContainText('Water rudder down');
    await expect(page.locator('[data-variable="water_rudder"] [data-value]')).toHaveText('down');

    await open(page, app, 'plover-glider/sets');
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'With its parents' }).click()]);
    const file = readFileSync(await download.path());
    await open(page, app, 'plover-glider/plan');
    const rows = await page.locator('.plan-group tr').allInnerTexts();

    const empty = await App.fresh({ demo: false });
    try {
        await page.goto(empty.url);
        await expect(page.getByText('Begin with my own rig')).toBeVisible();
        await page.setInputFiles('input[type="file"]', { name: 'plover.set.json', mimeType: 'application/json', buffer: file });
        await page.getByRole('button', { name: 'Look at it' }).click();
        await expect(page.getByText('Skerrywing').first()).toBeVisible();
        await page.getByRole('button', { name: 'Take it' }).click();
        await expect(page).toHaveURL(/sets\/plover-glider\/plan/);
        expect(await page.locator('.plan-group tr').allInnerTexts()).toEqual(rows);
        await open(page, empty, 'plover-glider/bench?device=fennel');
        await flip(page, 'fennel/switch-2.up');
        await expect(page.locator('[data-variable="water_rudder"] [data-value]')).toHaveText('down');
    } finally {
        await empty.end();
    }
});

test('each of the nine conditions is told when it is made by hand, lit, and gone when it is mended', async ({ page, app }) => {
    await app.asNew('skerrywing', 'hairpin-ladder');
    test.slow();
    await open(page, app, 'hairpin-ladder/assign?layer=base&ref=rowan/button-9');
    await settled(page, 2);
    await openTold(page);
    // Out of the way first: what the demo has to show.
    await told(page).first().getByRole('button').click();
    await settled(page, 1);
    await told(page).first().getByRole('button').click();
    await settled(page, 0);

    const appears = async (kind, words) => {
        await settled(page, 1);
        await openTold(page);
        const item = page.locator(`#told [data-kind="${kind}"]`);
        await expect(item).toContainText(words);
        await item.hover();
        await expect(item).toHaveClass(/is-lit/);

        return item;
    };
    const goes = async (item) => {
        await item.getByRole('button').click();
        await settled(page, 0);
    };

    await test.step('the same contact twice in a layer', async () => {
        await type(page, 'Repeat the note');
        await page.getByLabel('The next action comes beside these').check();
        await type(page, 'Hazard lights');
        const item = await appears('assigned-twice', 'Button 9 in Cruise is assigned twice: one press does Repeat the note and Hazard lights.');
        await expect(page.locator('tr[data-row="rowan/button-9"]')).toHaveClass(/is-told/);
        await expect(page.locator('.action[data-action="hazard"]')).toHaveClass(/is-told/);
        expect(await page.locator('.wire.is-picked').count()).toBeGreaterThan(1);
        await goes(item);
    });
    await test.step('a pulse shorter than the frame', async () => {
        await page.locator('.behaves [name="behave[width_ms]"]').fill('5');
        await page.locator('.behaves [name="behave[width_ms]"]').press('Enter');
        // Repeat the note goes by a key, which is not sampled; by an output it would be.
        await settled(page, 0);
        const way = page.locator('[name="way"]');
        await way.selectOption({ index: 1 });
        await goes(await appears('short-pulse', 'sends pulses of 5 ms, but Hairpin Ladder looks only every 16.7 ms'));
    });
    await test.step('an output that the game cannot see', async () => {
        await open(page, app, 'hairpin-ladder/assign?layer=base&ref=rowan/button-10');
        await page.locator('.does [name="does"]').selectOption('button');
        await page.locator('.does [name="output[number]"]').fill('40');
        await page.locator('.does .button').click();
        await goes(await appears('output-not-seen', 'Button 10 in Cruise drives output 40, but Hairpin Ladder sees only the first 32 outputs.'));
    });
    await test.step('one output from two contacts', async () => {
        await page.locator('[data-cell="base/rowan/button-11"] a').click();
        await expect(page.locator('[data-cell="base/rowan/button-11"].is-picked')).toBeVisible();
        await type(page, 'Repeat the note');
        await goes(await appears('driven-twice', 'is driven by'));
    });
    await test.step('a reserved key', async () => {
        await page.locator('[data-cell="base/rowan/button-12"] a').click();
        await expect(page.locator('[data-cell="base/rowan/button-12"].is-picked')).toBeVisible();
        await page.locator('.does [name="does"]').selectOption('key');
        await page.locator('.does [name="output[code]"]').selectOption('F1');
        await page.locator('.does .button').click();
        await goes(await appears('reserved-key', 'sends F1, which the game keeps for its table of times.'));
    });
    await test.step('a + without its -', async () => {
        await page.locator('[data-cell="base/rowan/button-13"] a').click();
        await expect(page.locator('[data-cell="base/rowan/button-13"].is-picked')).toBeVisible();
        await type(page, 'Boost up');
        await goes(await appears('half-a-pair', 'Boost up is reached, Boost down is not: there is no way back.'));
    });
    await test.step('a two-position switch on a flip', async () => {
        await open(page, app, 'hairpin-ladder/assign?layer=base&ref=fennel/switch-3.up');
        await type(page, 'Spot lamps');
        await goes(await appears('out-of-step', 'Switch 3 has two positions, but Spot lamps only flips'));
    });
    await test.step('an essential action that nothing reaches', async () => {
        await open(page, app, 'hairpin-ladder/assign?layer=base&ref=gorse/trigger.half');
        await page.locator('.editor__buttons').getByRole('button', { name: 'Clear' }).click();
        await goes(await appears('not-reached', 'Talk is needed, and nothing reaches it.'));
    });
    await test.step('two sources of one variable', async () => {
        await open(page, app, 'skerrywing/assign?layer=base&ref=fennel/switch-2.up');
        await type(page, 'Anchor');
        await expect(page.locator('.advice')).toBeVisible();
        await page.getByRole('button', { name: 'Use the variable' }).click();
        await expect(page.locator('.advice')).toHaveCount(0);
        await page.locator('[data-cell="base/fennel/switch-3.up"] a').click();
        await expect(page.locator('[data-cell="base/fennel/switch-3.up"].is-picked')).toBeVisible();
        await type(page, 'Anchor');
        await openTold(page);
        const item = page.locator('#told [data-kind="two-writers"]');
        await expect(item).toContainText('both write Anchor: the one that moved last decides.');
        await item.getByRole('button').click();
        await expect(item).toHaveCount(0);
    });
});

test('each stand-in on its bench: an output not seen, a window of its own, and every vehicle', async ({ page, app }) => {
    await open(page, app, 'hairpin-ladder/bench?device=bracken');
    await expect(page.locator('.bench__game')).toContainText('sees 32 buttons and 8 axes');
    await press(page, 'bracken/push-12', 120);
    await expect(tape(page)).toContainText('Take a photo → output 33 on');
    await expect(tape(page)).toContainText('Hairpin Ladder: nothing of output 33 (it sees only the first 32)');
    await expect(tape(page)).not.toContainText('Hairpin Ladder: Take a photo');
    await press(page, 'bracken/push-1', 120);
    await expect(tape(page)).toContainText('Hairpin Ladder: Handbrake');
    await open(page, app, 'quay-cable/bench?device=bracken');
    await expect(page.locator('.bench__game')).toContainText('It reads nothing but the keyboard.');
    await press(page, 'bracken/push-12', 120);
    await expect(tape(page)).toContainText('its own window is open: harbour map. It keeps this key for itself');
    await expect(page.locator('#game-window')).toContainText('Its harbour map is open and takes all keys.');
    for (const [vehicle, device, words] of [['dunlin', 'fennel', 'Starter'], ['knot', 'fennel', 'Starter'], ['marl', 'bracken', 'Handbrake']]) {
        await open(page, app, `${vehicle}/bench?device=${device}`);
        await press(page, device === 'fennel' ? 'fennel/right-thumb' : 'bracken/push-1', 120);
        await expect(tape(page)).toContainText(words);
    }
});

test('a switch that writes the variable stays in step when the game changes it; one that flips is told to be out of step', async ({ page, app }) => {
    await open(page, app, 'skerrywing/assign?layer=base&ref=fennel/switch-2.up');
    await type(page, 'Anchor');
    await expect(page.locator('[data-cell="base/fennel/switch-2.up"]')).toContainText('Anchor');
    await open(page, app, 'skerrywing/bench?device=fennel');
    const anchor = page.locator('[data-variable="anchor"] [data-value]');
    await flip(page, 'fennel/switch-2.up');
    await expect(anchor).toHaveText('down');
    await page.locator('[data-game="anchor"]').click();
    await expect(anchor).toHaveText('aboard');
    await expect(tape(page)).toContainText('Switch 2 is up → Anchor is aboard now → out of step: the game only flips it');
    await flip(page, 'fennel/switch-2.up');
    await flip(page, 'fennel/switch-2.up');
    await expect(anchor).toHaveText('down');
    await flip(page, 'fennel/switch-2.up');
    await expect(anchor, 'down, while the switch is down: still the wrong way round').toHaveText('down');

    await open(page, app, 'skerrywing/assign?layer=base&ref=fennel/switch-2.up');
    await page.getByRole('button', { name: 'Use the variable' }).click();
    await expect(page.locator('.advice')).toHaveCount(0);
    await open(page, app, 'skerrywing/bench?device=fennel');
    await flip(page, 'fennel/switch-2.up');
    await expect(anchor).toHaveText('down');
    await page.locator('[data-game="anchor"]').click();
    await expect(anchor).toHaveText('aboard');
    await flip(page, 'fennel/switch-2.up');
    await flip(page, 'fennel/switch-2.up');
    await expect(anchor, 'up is down, whatever the game did between').toHaveText('down');
});

test('roles are brought in line, and an old box is carried over to a new one', async ({ page, app }) => {
    await app.asNew('skerrywing', 'hairpin-ladder');
    await open(page, app, 'skerrywing/roles');
    const cell = page.locator('tr[data-role="main power"] td[data-set="quay-cable"]');
    await expect(cell).toContainText('elsewhere');
    await cell.getByRole('button', { name: 'Bring it in line' }).click();
    await expect(cell).toContainText('Rowan Button 3');
    await expect(cell).not.toContainText('elsewhere');
    expect((await new AxeBuilder({ page }).analyze()).violations.filter(({ impact }) => ['serious', 'critical'].includes(impact)).map(({ id }) => id)).toEqual([]);
    await open(page, app, 'hairpin-ladder/carry');
    await page.locator('[name="old"]').selectOption('bracken');
    await page.locator('[name="new"]').selectOption('teasel');
    await expect(page.locator('[data-proposal]')).toHaveCount(5);
    await page.getByRole('button', { name: 'Take all 5' }).click();
    await expect(page.getByText('so there is nothing to carry over')).toBeVisible();
    await open(page, app, 'hairpin-ladder/assign?device=teasel');
    await expect(page.locator('[data-cell="base/teasel/input-1"]')).toContainText('Handbrake');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-cell="base/teasel/input-1"]')).not.toContainText('Handbrake');
    await page.locator('[name="from"]').count();
    await open(page, app, 'hairpin-ladder/carry?from=skerrywing');
    await page.locator('[data-proposal="screen-heat-on"]').getByRole('button', { name: 'Take' }).click();
    await expect(page.locator('[data-proposal="screen-heat-on"]')).toHaveCount(0);
});

test('a game of thirty actions, from a table to a proposed plan on one box, in six steps', async ({ page, app }) => {
    await open(page, app, 'skerrywing/sets');
    const table = ['action,group,key', ...Array.from({ length: 15 }, (_, n) => [`Pump ${n + 1} on,Pumps,`, `Pump ${n + 1} off,Pumps,`]).flat()].join('\n');
    let steps = 0;
    const step = async (does) => { steps += 1; await does(); };
    await step(() => page.locator('.upload input[type=file]').first().setInputFiles({ name: 'Lock keeper.csv', mimeType: 'text/csv', buffer: Buffer.from(table) }));
    await step(() => page.getByRole('button', { name: 'Look at it' }).click());
    await expect(page.locator('body')).toContainText('30 actions');
    await step(() => page.getByRole('button', { name: 'Take it' }).click());
    await expect(page).toHaveURL(/lock-keeper\/plan/);
    await step(() => page.getByRole('link', { name: 'Propose the whole plan' }).click());
    await step(() => page.locator('.plan__wants label', { hasText: 'Bracken' }).click());
    await expect(page.locator('.plan__wants')).toContainText('only these');
    const spots = await page.locator('.proposal__what').allInnerTexts();
    expect(spots.filter((text) => text.includes('←')).length).toBeGreaterThan(10);
    expect(spots.filter((text) => text.includes('←') && !text.includes('Bracken'))).toEqual([]);
    await step(() => page.getByRole('button', { name: /Take all/ }).click());
    await expect(page.locator('.figures li').first()).not.toContainText(/^0 of/);
    expect(steps).toBeLessThanOrEqual(6);
});

test('a layer with the four directions of a hat on free outputs takes twelve steps at most, and sends them', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/assign?device=gorse`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    let steps = 0;
    const step = async (does) => { steps += 1; await does(); };
    await step(() => page.locator('#new-layer summary').click());
    await step(() => page.locator('#new-layer select').click());
    await step(() => hands.press(page, 'gorse/button-6'));
    await expect(page.locator('#new-layer select')).toHaveValue('gorse/button-6');
    await step(() => hands.saved(page, () => page.locator('#new-layer button').click()));
    const layer = await page.locator('.layer').last().getAttribute('data-layer');
    for (const direction of ['north', 'east', 'south', 'west']) {
        await step(() => page.locator(`[data-cell="${layer}/gorse/hat.${direction}"] a`).click());
        await expect(page.locator('.editor__head h2')).toHaveText(`Hat ${direction}`);
        await step(() => hands.saved(page, () => page.locator('.does .button').click()));
    }
    expect(steps).toBeLessThanOrEqual(12);
    const sent = await hands.play(page, [[0, 'gorse/button-6', 1], ...[0, 2, 4, 6].flatMap((way) => [[120, 'gorse/hat', way], [120, 'gorse/hat', -1]]), [100, 'gorse/button-6', 0]]);
    expect(sent.map(([what]) => what)).toEqual(['button 7', 'button 8', 'button 9', 'button 10']);
});

test('the sheet of paper types what the keys that are sent would type, in the chosen layout', async ({ page, app }) => {
    await open(page, app, 'skerrywing/assign?device=bracken&pair=on');
    for (const [n, key] of [[10, 'y'], [11, 'Shift+KeyZ'], [12, 'F9']]) {
        await hands.saved(page, async () => {
            await page.keyboard.press(key);
            await hands.press(page, `bracken/push-${n}`);
        });
    }
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await open(page, app, 'skerrywing/bench?device=bracken');
    await page.locator('#paper summary').click();
    const sheet = page.locator('[data-paper]');
    const typeAll = async () => {
        for (const n of [10, 11, 12]) {
            await page.evaluate((ref) => window.nailrod.live.input(ref, 1), `bracken/push-${n}`);
            await page.waitForTimeout(60);
            await page.evaluate((ref) => window.nailrod.live.input(ref, 0), `bracken/push-${n}`);
        }
    };
    await typeAll();
    await expect(sheet).toHaveText('yZ[F9]');
    await page.locator('#paper select').selectOption('german');
    await expect(sheet).toHaveText('zY[F9]');
    await page.locator('#paper textarea').fill('zY');
    await page.getByRole('button', { name: 'New sheet' }).click();
    await expect(sheet).toHaveText('');
    await typeAll();
    await expect(sheet).toHaveText('zY[F9]');
});

test('what is told can be meant, with a reason, by the keyboard; it is counted apart and comes back when its cell changes', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await open(page, app, 'skerrywing/assign?layer=water&ref=fennel/mark');
    const summary = page.locator('#told > summary');
    await expect(summary).toHaveText('Told: 3');
    await summary.press('Enter');
    const item = page.locator('#told [data-kind="half-a-pair"]');
    await item.locator('.told__mean summary').press('Enter');
    await item.getByLabel('Why').fill('Made fast by hand.');
    await hands.saved(page, () => item.getByLabel('Why').press('Enter'));
    await expect(summary).toHaveText('Told: 2, 1 meant');
    await expect(page.locator('#notices')).toContainText('is meant: “Made fast by hand.”');
    // Pages and rig end and begin again: it stays away.
    await app.stop();
    await app.start();
    await page.reload();
    await expect(summary).toHaveText('Told: 2, 1 meant');
    // Its contact does something else: it is another thing that is told.
    await page.getByRole('region', { name: 'What it does' }).getByLabel('Behaviour').selectOption('repeat');
    await expect(summary).toHaveText('Told: 3');
    await openTold(page);
    await expect(item).toContainText('It was meant, “Made fast by hand.”, but what it speaks of has changed.');
    await page.keyboard.press('Control+z');
    await expect(summary).toHaveText('Told: 2, 1 meant');
    await page.locator('#told-meant summary').click();
    await page.getByRole('button', { name: 'Tell it again' }).click();
    await expect(summary).toHaveText('Told: 3');
});
