import { expect, test } from './app.js';
import { change, flip, hold, latch, moveLever, press, unfold } from './hands.js';

const tape = (page) => page.locator('#tape-lines');
const game = (page, variable) => page.locator(`[data-variable="${variable}"] [data-value]`);

async function assign(page, layer, ref, action) {
    await page.locator(`[data-cell="${layer}/${ref}"] a`).click();
    await expect(page.locator(`[data-cell="${layer}/${ref}"].is-picked`)).toBeVisible();
    await page.getByPlaceholder('Type an action, Enter assigns it').fill(action);
    await page.getByPlaceholder('Type an action, Enter assigns it').press('Enter');
    await expect(page.locator(`[data-cell="${layer}/${ref}"]`)).toContainText(action);
}

test('a throttle is shaped, a switch gets two meanings, the game answers, the device stores it, and all is there tomorrow', async ({ page, app }) => {
    await test.step('move the left lever and see reading, travel and value sent', async () => {
        await app.open(page, 'rig');
        await moveLever(page, 'fennel/left-lever', 0.5);
        await expect(page.locator('[data-now="fennel/left-lever"]')).toContainText(/^3\d{4} · \d\d\.\d %$/);
        await expect(page.locator('#found')).toContainText('axis 1');
        await expect(tape(page)).toContainText(/Left lever reads 3\d{4} → travel 4\d\.\d % → shaped .* sends \d\d\.\d % on axis 1/);
        await expect(tape(page)).toContainText('Skerrywing: Power');
    });

    await test.step('set dead zones, expo, and a stop at 92 % for both levers opened by the left thumb', async () => {
        await app.open(page, 'shape', '?axis=fennel/left-lever');
        await expect(page.locator('.panel')).toContainText('from House');
        await change(page, '#dead_zones-low', 3);
        await change(page, '#dead_zones-high', 2);
        await change(page, '#curve-k', 28);
        await expect(page.locator('.panel')).toContainText('Expo 28 %: calm at the start');
        await unfold(page, '#new-stop [name="axes[]"]');
        const fresh = page.locator('#new-stop form');
        await fresh.locator('[name="at"]').fill('92');
        await fresh.getByText('until drawn back').click();
        await fresh.locator('[name="opener"]').selectOption('fennel/left-thumb');
        await fresh.getByText('Right lever').click();
        await fresh.getByText('Put the stop in').click();
        await expect(page.locator('.part--stop .part__says')).toHaveText('Keeps Left lever and Right lever at or below 92 % until Left thumb opens it; it shuts again when drawn back to 91.5 %, or after 3000 ms if not passed.');
        await moveLever(page, 'fennel/left-lever', 1);
        await expect(page.locator('#live-text')).toHaveText('travel 100.0 %, sent 92.0 %');
        await expect(page.locator('[data-stop-state]')).toHaveText('shut');
    });

    await test.step('hold against the stop, tap, draw back and push again', async () => {
        await app.open(page, 'bench');
        await expect(game(page, 'power')).toHaveText('92.0 %');
        await press(page, 'fennel/left-thumb');
        await expect(game(page, 'power')).toHaveText('100.0 %');
        await moveLever(page, 'fennel/left-lever', 0.8);
        await expect(tape(page)).toContainText('Left lever reads');
        await moveLever(page, 'fennel/left-lever', 1);
        await expect(game(page, 'power')).toHaveText('92.0 %');
        await expect(tape(page)).toContainText(/Cruise at 92 % is shut → (layer Cruise → Power → sends 92\.0 % on axis 1|still sends 92\.0 %)/);
    });

    await test.step('give switch 2 an action each way and switch 3 two by the water layer', async () => {
        await app.open(page, 'assign');
        await assign(page, 'base', 'fennel/switch-2.up', 'Landing light on');
        await assign(page, 'base', 'fennel/switch-2.down', 'Landing light off');
        await assign(page, 'base', 'fennel/switch-3.up', 'Water rudder down');
        await assign(page, 'water', 'fennel/switch-3.up', 'Make mooring fast');
        await expect(page.locator('.editor__head .says')).toHaveText('When Switch 3 up closes in On water: Make mooring fast by key Shift+M, pulse 60 ms.');
        await expect(page.locator('.wire.is-picked')).toHaveCount(3);
    });

    await test.step('work them on the bench', async () => {
        await app.open(page, 'bench');
        await flip(page, 'fennel/switch-2.up');
        await expect(game(page, 'landing_light')).toHaveText('on');
        await expect(tape(page)).toContainText('Fennel · Switch 2 up closed → layer Cruise → pulse 60 ms → Landing light on → output 7 on');
        await expect(tape(page)).toContainText('Skerrywing: Landing light on');
        await flip(page, 'fennel/switch-2.up');
        await expect(game(page, 'landing_light')).toHaveText('off');
        await expect(tape(page)).toContainText('Fennel · Switch 2 down closed → layer Cruise → pulse 60 ms → Landing light off → output 8 on');
        await expect(tape(page)).toContainText('Skerrywing: Landing light off');
        await flip(page, 'fennel/switch-3.up');
        await expect(game(page, 'water_rudder')).toHaveText('down');
        await expect(tape(page)).toContainText('key Shift+W → Skerrywing: Water rudder down');
        await flip(page, 'fennel/switch-3.up');
        await page.locator('[data-game="mooring"]').click();
        await expect(game(page, 'mooring')).toHaveText('cast off');
        await latch(page, 'fennel/ring');
        await expect(page.locator('#live-layer')).toHaveText('On water');
        await flip(page, 'fennel/switch-3.up');
        await expect(game(page, 'mooring')).toHaveText('made fast');
        await expect(tape(page)).toContainText('Fennel · Switch 3 up closed → layer On water → pulse 60 ms → Make mooring fast → key Shift+M → Skerrywing: Mooring line made fast');
        await latch(page, 'fennel/ring');
        await expect(page.locator('#live-layer')).toHaveText('Cruise');
        await page.getByText('What happened, in words').click();
        await expect(page.locator('#log')).toContainText('layer On water is live');
        const painted = await page.locator('#lanes canvas').evaluate((canvas) => new Set(canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data).size);
        expect(painted).toBeGreaterThan(20);
    });

    await test.step('a pulse whose layer is let go before the switch still ends as it began', async () => {
        await moveLever(page, 'fennel/left-lever', 0.2);
        await latch(page, 'fennel/ring');
        await hold(page, 'fennel/mark');
        await page.keyboard.press('Tab');
        await page.locator('[data-face] [data-press="fennel/ring"]').focus();
        await page.keyboard.press('Enter');
        await page.mouse.up();
        await expect(page.locator('#live-layer')).toHaveText('Cruise');
        await expect(page.locator('#log')).toContainText(/Mark button closed → pulse over → key M up, after 60 ms/);
        await expect(game(page, 'sack')).toHaveText('0');
    });

    await test.step('from a movement to its picture', async () => {
        await moveLever(page, 'fennel/left-lever', 0.9, 60);
        await moveLever(page, 'fennel/left-lever', 0.1, 60);
        const { latencies } = await page.evaluate(() => ({ latencies: window.nailrod.live.latencies }));
        const median = [...latencies].sort((a, b) => a - b)[Math.floor(latencies.length / 2)];
        console.log(`    from a movement to its picture: median ${median.toFixed(1)} ms over ${latencies.length} batches`);
        expect(latencies.length).toBeGreaterThan(30);
    });

    await test.step('write to the device and see it verified', async () => {
        await app.open(page, 'store');
        await expect(page.locator('.verdict')).toHaveText('Nothing is stored in the device yet.');
        await page.locator('#write').click();
        await expect(page.locator('#notices')).toContainText(/Written to bank 1 of Fennel and read back: \d+ bytes, checksum [0-9a-f]{8}, the same as in the set. Verified./);
        await expect(page.locator('.verdict')).toContainText('The device holds what it can hold of this set.');
    });

    await test.step('stop and start the app, and find all of it', async () => {
        await app.stop();
        await app.start();
        await app.open(page, 'shape', '?axis=fennel/left-lever');
        await expect(page.locator('#dead_zones-low')).toHaveValue('3');
        await expect(page.locator('#curve-k')).toHaveValue('28');
        await expect(page.locator('.panel__part--stop [name="at"]')).toHaveValue('92');
        await app.open(page, 'assign');
        await expect(page.locator('[data-cell="base/fennel/switch-2.down"]')).toContainText('Landing light off');
        await expect(page.locator('[data-cell="water/fennel/switch-3.up"]')).toContainText('Make mooring fast');
        await app.open(page, 'store');
        await expect(page.locator('.verdict')).toContainText('The device holds what it can hold of this set.');
        await app.open(page, 'rig');
        await expect(page.locator('#rig-title')).toContainText('memory: in step');
    });
});
