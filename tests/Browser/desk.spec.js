import { readFileSync } from 'node:fs';
import { expect, test } from './app.js';
import { assign, change, pick, press, saved } from './hands.js';

/** The devices as they lie on the desk: modes, the back of a stand-in, settings, units, firmware, faults, writes after each edit. */

const check = (page) => page.locator('.checks .is-not');
const notices = (page) => page.locator('#notices');
/** What the rig tells by itself. */
const news = (page) => page.locator('#news');
const store = (page, app, device, set = 'skerrywing') => page.goto(`${app.url}/sets/${set}/store?device=${device}`);

test('in the wrong mode nothing is written; the hand turns the device round, moves the slide and presses the button', async ({ page, app }) => {
    await pick(page, app, 'teasel/input-3');
    await assign(page, 'button', { number: 7, behaviour: 'follow' });
    await page.goto(`${app.url}/sets/skerrywing/rig?device=teasel`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await expect(page.locator('tr[data-row="teasel/input-3"] .number')).toHaveText('key 6');
    await page.locator('#turn-round').click();
    const slide = page.locator('#slide-controller');
    await expect(slide).toHaveAttribute('aria-pressed', 'false');
    await slide.click();
    await expect(notices(page)).toContainText('is in the mode "Sends as a controller" now');
    await expect(slide).toHaveAttribute('aria-pressed', 'true');

    // Its other report comes, the same contact has another number, and what is assigned is done.
    await page.locator('#turn-round').click();
    await expect(page.locator('tr[data-row="teasel/input-3"] .number')).toHaveText('3');
    await press(page, 'teasel/input-3', 300);
    await expect(page.locator('[data-report="teasel"]')).toHaveText('00 00 00 00 00');
    await expect(page.locator('.tape')).toContainText('output 7');

    await store(page, app, 'teasel');
    await expect(check(page).first()).toContainText('It is in the mode "Sends as a controller", in which it takes no write. Move the slide at the back to the left.');
    await page.getByRole('button', { name: 'Write to TS-0147' }).click();
    await expect(notices(page)).toContainText('Teasel TS-0147 cannot be written now');

    await page.goto(`${app.url}/sets/skerrywing/rig?device=teasel&side=back`);
    // By the picture itself.
    await page.locator('[data-press-for="slide-keys"]').click();
    await expect(page.locator('#slide-keys')).toHaveAttribute('aria-pressed', 'true');
    await page.locator('[data-press-for="back-press"]').click();
    await expect(page.locator('.back__lamp')).toHaveClass(/is-lit/);
    await expect(page.locator('[data-open-left]')).toHaveText(/^(2\d|30)$/);
    await store(page, app, 'teasel');
    await expect(check(page)).toHaveCount(0);
    await page.getByRole('button', { name: 'Write to TS-0147' }).click();
    await expect(notices(page)).toContainText('Verified.');
    await expect(page.locator('[data-standing="InStep"]')).toHaveCount(1);

    // The other unit is another one: it asks for its own button, and is written when that was pressed.
    await page.getByRole('button', { name: 'Write to TS-0231' }).click();
    await expect(notices(page)).toContainText('Teasel TS-0231 cannot be written now: it lets no write in now');
    await page.goto(`${app.url}/sets/skerrywing/rig?device=teasel&do=settings&side=back`);
    await page.locator('#unit-serial').selectOption('TS-0231');
    await expect(notices(page)).toContainText('Teasel TS-0231 is in use now');
    await expect(page.locator('.back__text').nth(1)).toContainText('serial TS-0231');
    await page.locator('#back-press').click();
    await expect(page.locator('.back__lamp')).toHaveClass(/is-lit/);
    await page.goto(`${app.url}/sets/skerrywing/store?device=teasel&unit=TS-0231`);
    await page.getByRole('button', { name: 'Write to TS-0231' }).click();
    await expect(notices(page)).toContainText('of Teasel TS-0231 and read back');
    await expect(page.locator('[data-standing="InStep"]')).toHaveCount(2);
});

test('the wheel: 1080 degrees by the house, 480 for the truck, springs of 60 and 90 %, shown where it is said, written, in step', async ({ page, app }) => {
    await app.open(page, 'rig', '?device=rowan&do=settings');
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('1080');
    await expect(page.locator('#s-rowan-spring')).toHaveValue('60');
    await expect(page.locator('.setting').filter({ hasText: 'Centring spring' })).toContainText('from House');
    await page.goto(`${app.url}/sets/marl/rig?device=rowan&do=settings`);
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('480');
    await expect(page.locator('#s-rowan-spring')).toHaveValue('90');
    await expect(page.locator('.setting').filter({ hasText: 'Rev row sweeps' })).toContainText('not kept: it needs firmware 2.6');

    // On Shape the end-stop is drawn beyond it, and the readings are degrees.
    await page.goto(`${app.url}/sets/marl/shape?axis=rowan/wheel`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await expect(page.locator('#force')).toContainText('spring 90 %, end-stop 80 % beyond 240°');
    await expect(page.locator('.force__end')).toHaveCount(2);
    await page.evaluate(async () => {
        window.nailrod.live.input('rowan/wheel', 49000);
        await window.nailrod.live.settled();
    });
    await expect(page.locator('#force')).toContainText('the wheel is at 267.5°');
    await expect(page.locator('.tape')).toContainText('+100.0 % on axis 1');
    await change(page, '#s-rowan-rotation', 540);
    await expect(page.locator('#force')).toContainText('beyond 270°');
    await expect(page.locator('#force')).toContainText('the wheel is at 267.5°');
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('480');

    await store(page, app, 'rowan', 'marl');
    await expect(page.locator('#changes')).toContainText('Rowan, rotation');
    await page.locator('#write').click();
    await expect(notices(page)).toContainText('Verified.');
    await expect(page.locator('.pick[aria-current] [data-standing]')).toHaveText('in step');
    await expect(page.locator('#changes')).toContainText('480 °');

    // Another set comes into play, which wants it otherwise.
    await page.goto(`${app.url}/sets/hairpin-ladder/shape?axis=rowan/wheel`);
    await expect(news(page)).toContainText('Hairpin Ladder wants Rowan otherwise than it is: rotation 1080 °, centring spring 60 %. Write it on Store.');
});

test('firmware for another board is refused, the right one gives more room; a cut leaves the old one', async ({ page, app }) => {
    await store(page, app, 'rowan', 'marl');
    const give = async (name) => {
        await page.locator('.store__out input[type="file"]').last().setInputFiles({ name, mimeType: 'application/octet-stream', buffer: readFileSync(new URL(`../../demo/firmware/${name}`, import.meta.url)) });
        await page.getByRole('button', { name: 'Look at this firmware' }).click();
    };
    await give('rowan-2.6-for-board-c.firmware');
    await expect(notices(page)).toContainText('This firmware is for board C, and the device has board B. Nothing was sent to it');
    await page.getByText('Try out what goes wrong').click();
    await page.locator('#fault').selectOption('cut');
    await page.getByRole('button', { name: 'Put it on' }).click();
    await expect(notices(page)).toContainText('the cable is cut, from now on, until you mend it');
    await give('rowan-2.6.firmware');
    await expect(page.locator('.firmware')).toContainText('Macros: 2 → 12');
    await page.getByRole('button', { name: 'Give it to Rowan' }).click();
    await expect(notices(page)).toContainText('still works with what was stored before');
    await expect(page.locator('.checks')).toContainText('Its firmware is 2.4');
    await page.locator('#mend').click();
    await expect(notices(page)).toContainText('Rowan works as it should again');
    await page.getByRole('button', { name: 'Give it to Rowan' }).click();
    await expect(notices(page)).toContainText('Rowan has firmware 2.6 now.');
    await expect(page.locator('.checks')).toContainText('Its firmware is 2.6');
    await expect(page.locator('.store__three')).not.toContainText('does not know "ticks"');
});

test('after each edit the throttle is written by itself, also after an undo; the state says which of the two is in force', async ({ page, app }) => {
    await store(page, app, 'fennel');
    await page.locator('#writes-itself').selectOption({ label: 'after each edit' });
    await expect(notices(page)).toContainText('is written after each edit');
    await pick(page, app, 'fennel/mark');
    await assign(page, 'button', { number: 9 });
    await expect(news(page)).toContainText('Fennel was written after the edit', { timeout: 15_000 });
    await store(page, app, 'fennel');
    await expect(page.locator('#writes-itself')).toHaveValue('1');
    await expect(page.locator('.pick[aria-current] [data-standing]')).toHaveText('in step');
    const written = page.locator('.banks .is-current td').first();
    const count = Number(await written.innerText());
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(news(page)).toContainText('Fennel was written after the edit', { timeout: 15_000 });
    await page.reload();
    await expect(written).toHaveText(String(count + 1));
});
