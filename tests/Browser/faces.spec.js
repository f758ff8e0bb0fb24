import { expect, test } from './app.js';
import { flip, hold, latch, moveLever, press, saved } from './hands.js';

const now = (page, ref) => page.locator(`[data-now="${ref}"]`);
const seen = (page, ref) => page.locator(`[data-sheet="${ref}"] .seen`);
const part = async (page, selector, across, down) => {
    const box = await page.locator(selector).boundingBox();

    return [box.x + box.width * across, box.y + box.height * down];
};

test('every control of the throttle can be worked by the mouse, and reports', async ({ page, app }) => {
    await app.open(page, 'rig');
    await moveLever(page, 'fennel/right-lever', 1);
    await expect(now(page, 'fennel/right-lever')).toHaveText('65535 · 100.0 %');
    await moveLever(page, 'fennel/friction', 1);
    await expect(now(page, 'fennel/friction')).toHaveText('1023 · 100.0 %');
    await press(page, 'fennel/left-thumb');
    await expect(page.locator('#found')).toContainText('Left thumb');
    await expect(page.locator('[data-found-number]')).toHaveText('1');
    await flip(page, 'fennel/switch-3.up');
    await expect(now(page, 'fennel/switch-3.up')).toHaveText('closed');
    await expect(now(page, 'fennel/switch-3.down')).toHaveText('open');
    await page.mouse.click(...(await part(page, '[data-throw] .cap', 0.5, 0.15)));
    await expect(now(page, 'fennel/switch-4.up')).toHaveText('closed');
    await page.mouse.click(...(await part(page, '[data-throw] .cap', 0.5, 0.85)));
    await expect(now(page, 'fennel/switch-4.down')).toHaveText('closed');
    await expect(now(page, 'fennel/switch-4.up')).toHaveText('open');
    await page.mouse.click(...(await part(page, '[data-throw] .cap', 0.5, 0.5)));
    await expect(now(page, 'fennel/switch-4.down')).toHaveText('open');
    await page.mouse.click(...(await part(page, '[data-dial] .cap', 0.95, 0.35)));
    await expect(now(page, 'fennel/dial.4')).toHaveText('closed');
    await expect(now(page, 'fennel/dial.1')).toHaveText('open');
    await page.mouse.click(...(await part(page, '[data-encoder] .cap', 0.8, 0.5)));
    await page.mouse.click(...(await part(page, '[data-encoder] .cap', 0.8, 0.5)));
    await page.mouse.click(...(await part(page, '[data-encoder] .cap', 0.2, 0.5)));
    await expect(now(page, 'fennel/encoder')).toHaveText('1 ticks');
    await latch(page, 'fennel/ring');
    await expect(now(page, 'fennel/ring')).toHaveText('closed');
    await expect(page.locator('[data-press="fennel/ring"]')).toHaveAttribute('aria-pressed', 'true');
    await latch(page, 'fennel/ring');
    await expect(now(page, 'fennel/ring')).toHaveText('open');
    for (const ref of ['fennel/right-lever', 'fennel/left-thumb', 'fennel/switch-3.up', 'fennel/switch-4.down', 'fennel/dial.4', 'fennel/encoder', 'fennel/ring']) {
        await expect(seen(page, ref)).toHaveText('✓ seen');
    }
    await expect(seen(page, 'fennel/left-lever')).toHaveText('not yet');
});

test('the stick springs back, its hat has eight ways, its trigger two stages', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=gorse');
    await page.mouse.move(...(await part(page, '.face .pad', 0.5, 0.5)));
    await page.mouse.down();
    await page.mouse.move(...(await part(page, '.face .pad', 1.2, -0.2)), { steps: 4 });
    await expect(now(page, 'gorse/stick.x')).toHaveText('4095 · +100.0 %');
    await expect(now(page, 'gorse/stick.y')).toHaveText('0 · -100.0 %');
    await page.mouse.up();
    await expect(now(page, 'gorse/stick.x')).toHaveText('2048 · 0.0 %');
    await page.mouse.move(...(await part(page, '[data-hat] .cap', 0.85, 0.15)));
    await page.mouse.down();
    await expect(now(page, 'gorse/hat.north')).toHaveText('closed');
    await expect(now(page, 'gorse/hat.east')).toHaveText('closed');
    await page.mouse.move(...(await part(page, '[data-hat] .cap', 0.5, 0.95)));
    await expect(now(page, 'gorse/hat.south')).toHaveText('closed');
    await expect(now(page, 'gorse/hat.north')).toHaveText('open');
    await page.mouse.up();
    await expect(now(page, 'gorse/hat.south')).toHaveText('open');
    await press(page, 'gorse/trigger.half');
    await expect(seen(page, 'gorse/trigger.half')).toHaveText('✓ seen');
    await expect(seen(page, 'gorse/trigger.full')).toHaveText('not yet');
    await press(page, 'gorse/trigger.half gorse/trigger.full');
    await expect(seen(page, 'gorse/trigger.full')).toHaveText('✓ seen');
});

test('keys work every kind of control', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=gorse');
    const twist = page.locator('[data-axis="gorse/twist"]');
    await twist.press('End');
    await expect(now(page, 'gorse/twist')).toHaveText('1023 · +100.0 %');
    await twist.press('0');
    await expect(now(page, 'gorse/twist')).toHaveText('512 · 0.0 %');
    await page.locator('[data-axis="gorse/finger"]').press('PageUp');
    await expect(now(page, 'gorse/finger')).toHaveText('26 · 10.2 %');
    const hat = page.locator('[data-way="6"]');
    await hat.focus();
    await page.keyboard.down('Space');
    await expect(now(page, 'gorse/hat.west')).toHaveText('closed');
    await page.keyboard.up('Space');
    await expect(now(page, 'gorse/hat.west')).toHaveText('open');
    await app.open(page, 'rig');
    await page.locator('[data-dial]').press('ArrowRight');
    await expect(now(page, 'fennel/dial.2')).toHaveText('closed');
    await page.locator('[data-throw]').press('ArrowUp');
    await expect(now(page, 'fennel/switch-4.up')).toHaveText('closed');
    await page.locator('[data-encoder]').press('ArrowDown');
    await expect(now(page, 'fennel/encoder')).toHaveText('-1 ticks');
    const ring = page.locator('[data-press="fennel/ring"]');
    await ring.press('Enter');
    await expect(now(page, 'fennel/ring')).toHaveText('closed');
    await ring.press('Enter');
    await expect(now(page, 'fennel/ring')).toHaveText('open');
});

test('a button that is down when the page is left is let go', async ({ page, app }) => {
    await app.open(page, 'bench');
    await latch(page, 'fennel/right-thumb');
    await expect(page.locator('[data-variable="starter"] [data-value]')).toHaveText('turning');
    const [x, y] = await part(page, '[data-hat] .cap', 0.5, 0.1);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await expect(page.locator('[data-contact="gorse/hat.north"]')).toHaveAttribute('aria-pressed', 'true');
    await app.open(page, 'bench');
    await expect(page.locator('[data-variable="starter"] [data-value]')).toHaveText('off');
    await expect(page.locator('[data-contact="gorse/hat.north"]')).toHaveAttribute('aria-pressed', 'false');
});

test('of two controls touched in a row the last one is shown', async ({ page, app }) => {
    await app.open(page, 'assign', '?device=fennel');
    await page.evaluate(() => {
        window.nailrod.live.input('fennel/mark', 1);
        window.nailrod.live.input('fennel/mark', 0);
        window.nailrod.live.input('fennel/right-thumb', 1);
        window.nailrod.live.input('fennel/right-thumb', 0);
    });
    await expect(page.locator('.editor__head h2')).toHaveText('Right thumb');
});

test('reach for it: what is touched is jumped to, on another axis, another device, and not when it is switched off', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await moveLever(page, 'fennel/right-lever', 0.4);
    await expect(page.locator('#shape-title')).toContainText('Right lever');
    await app.open(page, 'assign');
    await flip(page, 'fennel/switch-1.up');
    await expect(page.locator('.editor__head h2')).toHaveText('Switch 1 up');
    await flip(page, 'fennel/switch-1.up');
    await expect(page.locator('.editor__head h2')).toHaveText('Switch 1 down');
    await page.locator('.mark').focus();
    await page.keyboard.press('l');
    await flip(page, 'fennel/switch-2.up');
    await expect(page.locator('#tape-lines')).toContainText('Switch 2 up closed');
    await expect(page.locator('.editor__head h2')).toHaveText('Switch 1 down');
});

test('a wheel is turned round, paddles spring back, switches on an axis jump, sprung switches, tiles and phrases let go', async ({ page, app }) => {
    await app.asNew('skerrywing');
    await app.open(page, 'rig', '?device=rowan');
    const rim = await page.locator('[data-axis="rowan/wheel"] .rim').boundingBox();
    const [x, y, r] = [rim.x + rim.width / 2, rim.y + rim.height / 2, rim.width / 2];
    const at = (degrees) => [x + r * Math.cos((degrees * Math.PI) / 180), y + r * Math.sin((degrees * Math.PI) / 180)];
    await page.mouse.move(...at(-90));
    await page.mouse.down();
    for (let degrees = -90; degrees <= 360; degrees += 15) {
        await page.mouse.move(...at(degrees));
    }
    await page.mouse.up();
    await expect(now(page, 'rowan/wheel')).toContainText('+83.3 %');
    const paddle = page.locator('[data-axis="rowan/left-paddle"]');
    await paddle.press('PageUp');
    await expect(now(page, 'rowan/left-paddle')).toHaveText('26 · 10.2 %');
    await page.locator('#found').click();
    await page.locator('.mark').focus();
    await expect(now(page, 'rowan/left-paddle')).toHaveText('0 · 0.0 %');

    await app.open(page, 'rig', '?device=burdock');
    const jump = page.locator('[data-axis="burdock/switch-b"]');
    for (const [key, text] of [['ArrowUp', '1024 · 50.0 %'], ['ArrowUp', '2047 · 100.0 %'], ['ArrowDown', '1024 · 50.0 %'], ['ArrowDown', '0 · 0.0 %']]) {
        await jump.press(key);
        await expect(now(page, 'burdock/switch-b')).toHaveText(text);
    }
    const throttle = page.locator('[data-axis="burdock/left-stick.y"]');
    await throttle.press('End');
    await page.locator('.mark').focus();
    await expect(now(page, 'burdock/left-stick.y')).toHaveText('2047 · 100.0 %');

    await app.open(page, 'rig', '?device=bracken');
    await page.mouse.move(...(await part(page, '[data-control="bracken/sprung-2"] .cap', 0.5, 0.1)));
    await page.mouse.down();
    await expect(now(page, 'bracken/sprung-2.up')).toHaveText('closed');
    await page.mouse.up();
    await expect(now(page, 'bracken/sprung-2.up')).toHaveText('open');

    for (const [device, control] of [['clover', 'tile-7'], ['phrases', 'phrase-3'], ['teasel', 'input-40'], ['mouse', 'middle']]) {
        await app.open(page, 'rig', `?device=${device}`);
        await hold(page, `${device}/${control}`);
        await expect(now(page, `${device}/${control}`)).toHaveText('closed');
        // Phrases and the mouse are not read by reports.
        if (['clover', 'teasel'].includes(device)) {
            await expect(page.locator('.report')).not.toHaveText('none yet');
        }
        await page.mouse.up();
        await expect(now(page, `${device}/${control}`)).toHaveText('open');
    }
    await app.open(page, 'rig', '?device=clover&page=2');
    await press(page, 'clover/tile-33');
    await expect(page.locator('[data-found-name]')).toHaveText('Spare 13, Clover');
});

test('the keyboard is a device: Ctrl+Alt+L and Ctrl+Alt+M go to layers, and Escape twice gives the page its keys back', async ({ page, app }) => {
    await app.open(page, 'rig');
    await page.getByText('Add a device').click();
    await saved(page, () => page.locator('form:has([name="own"][value="keyboard"]) button').click());
    await expect(page).toHaveURL(/device=keyboard/);
    for (const [key, layer] of [['key-l', 'On water'], ['key-m', 'Cruise']]) {
        await page.goto(`${app.url}/sets/skerrywing/assign?device=keyboard&ref=keyboard/${key}`);
        await page.locator('#chords summary').click();
        await page.locator('#chords [name="together"]').selectOption({ label: 'Ctrl' });
        await page.locator('#chords [name="third"]').selectOption({ label: 'Alt' });
        await page.locator('#chords [name="within"]').fill('1500');
        await page.locator('#chords [name="does"]').selectOption('go to layer');
        await page.locator('#chords select[name^="output[layer"]:visible').selectOption({ label: layer });
        await saved(page, () => page.getByText('Put together').click());
    }
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.locator('#listen').click();
    await expect(page.locator('#listening')).toBeVisible();
    await page.keyboard.press('Control+Alt+L');
    await expect(page.locator('#herald [data-herald-name]')).toHaveText('On water');
    await page.keyboard.press('Control+Alt+M');
    await expect(page.locator('#herald [data-herald-name]')).toHaveText('Cruise');
    // What the page does by this key otherwise rests.
    await page.keyboard.press('?');
    await expect(page.locator('#help')).toBeHidden();
    await page.keyboard.down('KeyQ');
    await page.evaluate(() => window.dispatchEvent(new Event('blur')));
    await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.closed.filter((ref) => ref.startsWith('keyboard/')))).toEqual([]);
    // Twice within a moment: a machine that stalls between the two is asked once more.
    await expect(async () => {
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
        await expect(page.locator('#listening')).toBeHidden({ timeout: 1000 });
    }).toPass();
    await page.keyboard.press('?');
    await expect(page.locator('#help')).toBeVisible();
});

test('the mouse is a device while the page listens: over its pad, and there only', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=mouse');
    await page.locator('#listen').click();
    const pad = page.locator('#mouse-pad');
    await expect(pad).toBeVisible();
    const box = await pad.boundingBox();
    const shown = (of) => page.evaluate((what) => window.nailrod.live.picture[what], of);
    await page.mouse.move(box.x + box.width / 4, box.y + box.height / 5);
    await expect.poll(async () => Math.round((await shown('axes'))['mouse/pad.x'].reading / 655.35)).toBe(25);
    expect((await shown('axes'))['mouse/pad.y'].reading / 65535).toBeCloseTo(0.8, 1);
    for (const button of ['left', 'middle', 'right']) {
        await page.mouse.down({ button });
        await expect.poll(() => shown('closed')).toContain(`mouse/${button}`);
    }
    await page.mouse.up({ button: 'right' });
    await expect.poll(() => shown('closed')).not.toContain('mouse/right');
    // Let go of beside the pad.
    await page.mouse.move(box.x - 200, box.y + 300);
    await page.mouse.up({ button: 'left' });
    await page.mouse.up({ button: 'middle' });
    await expect.poll(async () => (await shown('closed')).filter((ref) => ref.startsWith('mouse/'))).toEqual([]);
    expect(Math.round((await shown('axes'))['mouse/pad.x'].reading / 655.35), 'it stays where it left').toBe(25);
    await page.mouse.move(box.x + 20, box.y + 20);
    await page.mouse.wheel(0, -100);
    await expect.poll(async () => (await shown('found')).ref).toBe('mouse/wheel');
    await page.mouse.down();
    await expect.poll(() => shown('closed')).toContain('mouse/left');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.locator('#listening')).toBeHidden();
    await expect.poll(() => shown('closed')).not.toContain('mouse/left');
    await page.mouse.up();
    // What the page does with a click otherwise goes on meanwhile.
    await page.locator('#listen').click();
    await page.getByRole('link', { name: 'Measure' }).click();
    await expect(page).toHaveURL(/do=measure/);
});

test('phrases are added, renamed and removed, and undone, by the keyboard', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=phrases&do=arrange');
    await page.getByLabel('A new phrase').fill('Cast off');
    await saved(page, () => page.getByLabel('A new phrase').press('Enter'));
    await expect(page.getByLabel('Phrase 13')).toHaveValue('Cast off');
    await expect(page.getByLabel('A new phrase')).toHaveValue('');
    await page.getByLabel('Phrase 13').fill('Let go the lines');
    await saved(page, () => page.getByLabel('Phrase 13').press('Enter'));
    await page.getByPlaceholder('Say a phrase, Enter').fill('let go the lines');
    await page.getByPlaceholder('Say a phrase, Enter').press('Enter');
    await expect.poll(() => page.evaluate(() => window.nailrod.live.picture.found.name)).toBe('Let go the lines');
    await page.getByLabel('A new phrase').fill('Lights');
    await page.getByLabel('A new phrase').press('Enter');
    await expect(page.locator('#notices')).toContainText('found "Lights", expected one that the list does not have yet');
    await saved(page, () => page.getByRole('button', { name: 'Remove the phrase Quiet' }).press('Enter'));
    await expect(page.locator('.phrases li')).toHaveCount(12);
    await saved(page, () => page.locator('#undo button').click());
    await expect(page.locator('.phrases li')).toHaveCount(13);
});

test('a phrase that is typed is said, and one that there is not is told', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/assign?device=phrases&ref=phrases/phrase-4`);
    await page.locator('.does [name="does"]').selectOption('go to layer');
    await page.locator('.does [name^="output[layer"]:visible').selectOption({ label: 'On water' });
    await saved(page, () => page.locator('.does .button').click());
    await app.open(page, 'rig');
    await page.getByPlaceholder('Say a phrase, Enter').fill('lines  IN');
    await page.getByPlaceholder('Say a phrase, Enter').press('Enter');
    await expect(page.locator('#herald [data-herald-name]')).toHaveText('On water');
    await expect(page.getByPlaceholder('Say a phrase, Enter')).toHaveValue('');
    await page.getByPlaceholder('Say a phrase, Enter').fill('Fly home');
    await page.getByPlaceholder('Say a phrase, Enter').press('Enter');
    await expect(page.locator('#notices')).toContainText('No phrase of the rig is called "Fly home".');
});
