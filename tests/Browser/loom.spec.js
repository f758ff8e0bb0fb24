import { expect, test } from './app.js';
import { assign, flip, pick, play, press, saved } from './hands.js';

const cell = (page, at) => page.locator(`[data-cell="${at}"]`);

test('cells, rows and layers are copied, moved, swapped and cleared by the form, and one step back undoes it', async ({ page, app }) => {
    await pick(page, app, 'fennel/mark');
    await page.locator('#transfer summary').click();
    await page.locator('#transfer [name="to_ref"]').selectOption('fennel/left-thumb');
    await saved(page, () => page.locator('.transfer .button').click());
    await expect(cell(page, 'base/fennel/left-thumb')).toContainText('Drop a sack');
    await page.locator('#transfer [name="what"]').selectOption('row');
    await page.locator('#transfer [name="how"]').selectOption('swap');
    await page.locator('#transfer [name="to_ref"]').selectOption('fennel/right-thumb');
    await saved(page, () => page.locator('.transfer .button').click());
    await expect(cell(page, 'base/fennel/right-thumb')).toContainText('Drop a sack');
    await expect(cell(page, 'water/fennel/right-thumb')).toContainText('Cast mooring off');
    await expect(cell(page, 'base/fennel/mark')).toContainText('Starter');
    await page.locator('#transfer [name="what"]').selectOption('layer');
    await page.locator('#transfer [name="how"]').selectOption('clear');
    await saved(page, () => page.locator('.transfer .button').click());
    await expect(page.locator('.comb [data-cell^="base/"]:not(.cell--fall)')).toHaveCount(0);
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(cell(page, 'base/fennel/mark')).toContainText('Starter');
    await page.locator('#transfer [name="what"]').selectOption('cell');
    await page.locator('#transfer [name="how"]').selectOption('copy');
    await page.locator('#transfer [name="to_ref"]').selectOption('fennel/mark');
    await page.locator('.transfer .button').click();
    await expect(page.locator('#notices .notice--problem')).toContainText('To: found the same place, expected another one.');
});

test('a wire is drawn from a cell to an action, from an action to a cell, and from a cell to another', async ({ page, app }) => {
    await pick(page, app, 'fennel/left-thumb');
    const drag = async (from, to, key) => {
        const [a, b] = [await from.boundingBox(), await to.boundingBox()];
        await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
        await page.mouse.down();
        await page.mouse.move(b.x + b.width / 3, b.y + b.height / 2, { steps: 6 });
        if (key) {
            await page.keyboard.down(key);
        }
        await saved(page, () => page.mouse.up());
        if (key) {
            await page.keyboard.up(key);
        }
    };
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('anchor');
    await drag(cell(page, 'base/fennel/left-thumb'), page.locator('.action[data-action="anchor"]'));
    await expect(cell(page, 'base/fennel/left-thumb')).toContainText('Anchor');
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('bilge');
    await drag(page.locator('.action[data-action="bilge"]'), cell(page, 'water/fennel/left-thumb'));
    await expect(cell(page, 'water/fennel/left-thumb')).toContainText('Bilge pump');
    await drag(cell(page, 'base/fennel/left-thumb'), cell(page, 'base/fennel/switch-2.up'));
    await expect(cell(page, 'base/fennel/left-thumb')).toHaveClass(/cell--fall/);
    await expect(cell(page, 'base/fennel/switch-2.up')).toContainText('Anchor');
    await drag(cell(page, 'base/fennel/switch-2.up'), cell(page, 'base/fennel/switch-3.up'), 'Control');
    await expect(cell(page, 'base/fennel/switch-2.up')).toContainText('Anchor');
    await expect(cell(page, 'base/fennel/switch-3.up')).toContainText('Anchor');
    await drag(cell(page, 'base/fennel/switch-3.up'), cell(page, 'base/fennel/mark'), 'Alt');
    await expect(cell(page, 'base/fennel/switch-3.up')).toContainText('Drop a sack');
});

test('the loom is worked with the keyboard alone', async ({ page, app }) => {
    await pick(page, app, 'fennel/mark');
    await cell(page, 'base/fennel/mark').locator('a').focus();
    await page.keyboard.press('Control+c');
    await page.keyboard.press('ArrowRight');
    await expect(cell(page, 'water/fennel/mark').locator('a')).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(cell(page, 'water/fennel/ring').locator('a')).toBeFocused();
    await saved(page, () => page.keyboard.press('Control+v'));
    await expect(cell(page, 'water/fennel/ring')).toContainText('Drop a sack');
    await cell(page, 'water/fennel/ring').locator('a').focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('.editor__middle .says--warn')).toContainText('Ring lever holds this layer, so what it does in it never comes.');
    await cell(page, 'water/fennel/ring').locator('a').focus();
    await saved(page, () => page.keyboard.press('Delete'));
    await expect(cell(page, 'water/fennel/ring')).toHaveClass(/cell--fall/);
    await page.locator('[name="show"]').focus();
    await page.locator('[name="show"]').selectOption('free');
    await expect(page.locator('.comb tbody tr').first()).toHaveAttribute('data-row', 'fennel/left-thumb');
    await page.locator('#transfer summary').focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#transfer [name="what"]')).toBeVisible();
});

test('rows are filtered to what is free, changed, conditional or in conflict', async ({ page, app }) => {
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'key', { code: 'KeyM' });
    await pick(page, app, 'fennel/switch-2.up', 'water');
    await assign(page, 'key', { code: 'KeyM' });
    const rows = async (show) => {
        await page.goto(`${app.url}/sets/skerrywing/assign?device=fennel&show=${show}`);

        return page.locator('.comb tbody tr').evaluateAll((all) => all.map((row) => row.dataset.row));
    };
    expect(await rows('conflict')).toEqual(['fennel/left-thumb', 'fennel/mark', 'fennel/switch-2.up']);
    expect(await rows('free')).not.toContain('fennel/left-thumb');
    expect(await rows('free')).toContain('fennel/dial.1');
    expect(await rows('changed')).not.toContain('fennel/ring');
    expect(await rows('conditional')).toEqual([]);
    await expect(page.locator('.comb-scroll .empty')).toHaveText('No row of Fennel is conditional.');
    await pick(page, app, 'fennel/left-thumb');
    await expect(page.locator('.editor__middle .says--warn').first()).toHaveText('Mark button in On water drives the same output.');
    await expect(cell(page, 'base/fennel/left-thumb')).toHaveClass(/cell--conflict/);
});

test('an action is picked first, then the control for it is pressed; a free number is taken by a click', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await app.open(page, 'assign', '?device=fennel');
    await page.locator('a.action[data-action="anchor"]').click();
    await expect(page.locator('[data-take]')).toContainText('Press the control for Anchor.');
    await saved(page, () => press(page, 'fennel/left-thumb'));
    await expect(cell(page, 'base/fennel/left-thumb')).toContainText('Anchor');
    await pick(page, app, 'fennel/switch-2.up');
    await expect(page.locator('#numbers .editor__open')).toHaveText('Free outputs: lowest 7, highest 128');
    await page.locator('#numbers .editor__open').click();
    await expect(page.locator('.chart tr', { hasText: 'Pitot heat on' }).first()).toContainText('5Fennel Switch 1 up, Cruise');
    await page.locator('[data-number="9"]').click();
    await saved(page, () => page.locator('.does .button').click());
    await expect(cell(page, 'base/fennel/switch-2.up')).toContainText('output 9');
});

test('six layers: by next and previous, by a dial, and by two held contacts at once', async ({ page, app }) => {
    await app.open(page, 'layers');
    for (const name of ['Trim', 'Radio', 'Cargo', 'Night']) {
        await page.locator('.inline-new input[name="name"]').fill(name);
        await saved(page, () => page.getByText('Make it').click());
    }
    await expect(page.locator('.layers__list')).toContainText('Nothing leads to Night.');
    for (const [ref, step] of [['gorse/button-1', 'next'], ['gorse/button-2', 'previous']]) {
        await pick(page, app, ref);
        await assign(page, 'step layer', { 'direction-step-layer': step });
    }
    for (const [ref, hold] of [['fennel/dial.1', 'base'], ['fennel/dial.2', 'trim'], ['fennel/dial.3', 'radio'], ['fennel/dial.4', 'cargo']]) {
        await pick(page, app, ref);
        await assign(page, 'go to layer', { layer: hold });
    }
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'hold layer', { layer: 'night' });
    await app.open(page, 'layers');
    await expect(page.locator('.says--warn')).toHaveCount(0);
    await expect(page.locator('.layer-link').filter({ hasText: 'next Button 1' })).toHaveCount(6);
    await expect(page.locator('.layer-link--holds')).toHaveCount(2);
    const live = async (...inputs) => {
        await page.evaluate(async (all) => {
            for (const [port, value] of all) {
                window.nailrod.live.input(port, value);
            }
            await window.nailrod.live.settled();
        }, inputs);

        return page.locator('.layer-box.is-live .layer-box__name').textContent();
    };
    const click = (ref) => live([ref, 1], [ref, 0]);
    const next = [];
    for (let i = 0; i < 6; i++) {
        next.push(await click('gorse/button-1'));
    }
    expect(next).toEqual(['On water', 'Trim', 'Radio', 'Cargo', 'Night', 'Cruise']);
    expect(await click('gorse/button-2')).toBe('Night');
    expect(await live(['fennel/dial.1', 0], ['fennel/dial.3', 1])).toBe('Radio');
    expect(await live(['fennel/ring', 1])).toBe('On water');
    expect(await live(['fennel/left-thumb', 1])).toBe('Night');
    expect(await live(['fennel/ring', 0])).toBe('Night');
    expect(await live(['fennel/left-thumb', 0])).toBe('Radio');
    // Without what leads out of it, Radio is a trap: it is pointed out while editing.
    for (const ref of ['gorse/button-1', 'gorse/button-2', 'fennel/ring', 'fennel/left-thumb', 'fennel/dial.1', 'fennel/dial.2', 'fennel/dial.4']) {
        await pick(page, app, ref, 'radio');
        await saved(page, () => page.locator('.editor__buttons').getByText('Nothing').click());
    }
    await expect(page.locator('.editor__middle .says--warn')).toHaveText('Radio has no way out: Dial at 3 leads to it and stays, and nothing in it leads to another layer.');
    await saved(page, () => page.locator('.editor__buttons').getByText('Clear').click());
    await expect(page.locator('.editor__middle .says--warn')).toHaveCount(0);
});

test('a layer is named, coloured, moved and deleted with a look at what goes', async ({ page, app }) => {
    await app.open(page, 'layers');
    await page.locator('.inline-new input[name="name"]').fill('Trim');
    await saved(page, () => page.getByText('Make it').click());
    const names = () => page.locator('.layer-card__name input').evaluateAll((all) => all.map((field) => field.value));
    expect(await names()).toEqual(['Cruise', 'On water', 'Trim']);
    await saved(page, () => page.getByRole('button', { name: 'Move Trim up' }).click());
    expect(await names()).toEqual(['Cruise', 'Trim', 'On water']);
    const water = page.locator('.layer-card[data-layer="water"]');
    await saved(page, () => water.locator('[name="colour"]').selectOption('6'));
    await expect(water).toHaveClass(/layer--5/);
    await saved(page, () => water.getByText('leaving it lets go').click());
    await water.locator('summary').click();
    await expect(water).toContainText('Takes away 2 assignments, 1 set to nothing, and that Ring lever leads to it. Undo brings it back.');
    await saved(page, () => water.getByText('Delete On water').click());
    expect(await names()).toEqual(['Cruise', 'Trim']);
    await saved(page, () => page.keyboard.press('Control+z'));
    expect(await names()).toEqual(['Cruise', 'Trim', 'On water']);
});

test('the rig goes on when the bench is left: a toggle holds and a switch is up, a button that was down is let go', async ({ page, app }) => {
    await pick(page, app, 'fennel/left-thumb');
    await assign(page, 'key', { code: 'KeyT', behaviour: 'toggle' });
    await pick(page, app, 'fennel/switch-2.up');
    await assign(page, 'key', { code: 'KeyS' });
    await app.open(page, 'bench');
    await play(page, [[0, 'fennel/left-thumb', 1], [10, 'fennel/left-thumb', 0]]);
    await flip(page, 'fennel/switch-2.up');
    await page.goto(`${app.url}/sets/skerrywing/store`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    // The toggle holds: its next press ends it. The switch is still up.
    expect(await page.evaluate(async () => {
        const keys = [];
        document.addEventListener('live:answer', ({ detail }) => keys.push(...detail.sent.filter((event) => event.kind === 'key').map((event) => `${event.target} ${event.value}`)));
        window.nailrod.live.input('fennel/left-thumb', 1);
        window.nailrod.live.input('fennel/left-thumb', 0);
        await window.nailrod.live.settled();
        window.nailrod.live.input('fennel/switch-2.up', 0);
        await window.nailrod.live.settled();

        return keys.filter((key) => key.startsWith('KeyT') || key === 'KeyS 0');
    })).toEqual(['KeyT 0', 'KeyS 0']);
});

test('one action puts a cell into every layer, another takes the others away; the chart says what the game hears', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await pick(page, app, 'fennel/mark', 'water');
    await saved(page, () => page.getByRole('button', { name: 'Same in every layer' }).click());
    const cells = () => page.locator('.comb tr[data-row="fennel/mark"] td[data-cell]').allInnerTexts();
    expect((await cells()).map((text) => text.trim())).toEqual([expect.stringContaining('Cast mooring off'), expect.stringContaining('as in the base layer')]);
    await saved(page, () => page.keyboard.press('Control+z'));
    await saved(page, () => page.getByRole('button', { name: 'Only in this layer' }).click());
    expect((await cells()).map((text) => text.trim())).toEqual([expect.stringContaining('free'), expect.stringContaining('Cast mooring off')]);
    await page.locator('#numbers a').click();
    const line = page.locator('.chart tr', { hasText: 'Drop a sack' });
    await expect(line.locator('td')).toHaveText(['4', 'macro Three sacks', 'Drop a sack']);
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(line.locator('td')).toHaveText(['4', /Fennel Mark button, Cruise; macro Three sacks/, 'Drop a sack']);
});
