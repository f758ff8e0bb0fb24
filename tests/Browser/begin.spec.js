import { App, expect, test } from './app.js';
import { press as pressPad, plug, simulate } from './pads.js';
import { Printed } from './paper.js';
import { clean, saved } from './hands.js';

/** The first hour of a new owner, and the demo that is looked around in and put away. */

const step = (page, name) => page.locator('#steps li', { hasText: name });

test('from an empty installation to a printed card', async ({ page }) => {
    const app = await App.fresh({ demo: false });
    try {
        await simulate(page);
        await page.goto(`${app.url}/`);
        await clean(page);
        await page.getByRole('button', { name: 'Begin with my own rig' }).click();
        await expect(page.getByRole('heading', { name: 'No device is in this rig yet' })).toBeVisible();
        await clean(page);

        // A controller is pressed, and a box of 24 inputs is drawn by counting.
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);
        await plug(page, 0, 0);
        await pressPad(page, 0, 0, 1);
        await expect(page.locator('[data-device="bistort-pad"]')).toBeVisible();
        await pressPad(page, 0, 0, 0);
        await page.getByText('Add a device').click();
        await page.getByRole('link', { name: 'button box' }).click();
        await page.getByLabel('Name', { exact: true }).fill('Peat');
        for (const [what, count] of [['Push buttons', '12'], ['Two-way switches', '12'], ['Encoders', '0']]) {
            await page.getByLabel(what).fill(count);
            await page.getByLabel(what).press('Enter');
        }
        await expect(page.getByRole('heading', { name: /Peat button box.*24 contacts/ })).toBeVisible();
        await clean(page);
        await page.getByRole('button', { name: 'Take it into the rig' }).click();
        await expect(page.locator('#rig-title')).toContainText('Peat button box');
        await expect(step(page, 'Devices')).toHaveClass(/is-done/);

        // It is tried, and one of its switches gets a name.
        await step(page, 'Try out').getByRole('link').click();
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);
        await page.locator('.face [data-press="peat/button-3"]').dispatchEvent('pointerdown', { button: 0, pointerId: 1 });
        await page.locator('.face [data-press="peat/button-3"]').dispatchEvent('pointerup', { button: 0, pointerId: 1 });
        await expect(page.locator('.inputs').first()).toBeVisible();
        await expect(page.locator('[data-sheet="peat/button-3"] .seen')).toHaveText('✓ seen');
        // One press is no trying out: all of it is pressed.
        const ports = await page.locator('[data-sheet]').evaluateAll((rows) => rows.map((row) => row.dataset.sheet));
        await page.evaluate((all) => all.forEach((port) => { window.nailrod.live.input(port, 1); window.nailrod.live.input(port, 0); }), ports);
        await expect(page.locator('.seen', { hasText: '✓ seen' })).toHaveCount(24);
        await page.getByRole('link', { name: 'Name & place' }).click();
        await expect(step(page, 'Try out')).toHaveClass(/is-done/);
        await page.locator('[data-row="peat/button-1"] a').click();
        await page.locator('#n-label').fill('Hook');
        await saved(page, () => page.locator('#n-label').press('Enter'));
        await page.getByRole('button', { name: 'Skip Measure' }).click();
        await expect(step(page, 'Measure')).toHaveClass(/is-skipped/);

        // A list of six actions, a plan, all of it taken.
        await step(page, 'Game').getByRole('link').click();
        await clean(page);
        await page.getByLabel('Name of the game').fill('Moor hopper');
        await page.getByRole('button', { name: 'Write its list' }).click();
        const actions = ['Lift', 'Drop the hook', 'Lamp', 'Horn', 'Tie up', 'Winch in'];
        for (const [i, action] of actions.entries()) {
            await page.locator(`[name="new[${i}][action]"]`).fill(action);
        }
        await page.locator('[name="new[3][key]"]').fill('H');
        await page.getByRole('button', { name: 'Take it', exact: true }).click();
        await expect(page.getByRole('heading', { name: /^Plan/ })).toBeVisible();
        await page.getByText('Propose the whole plan').click();
        await page.getByRole('button', { name: /Take all/ }).click();
        await expect(step(page, 'Plan')).toHaveClass(/is-done/);

        // What is pressed is sent.
        const ref = await page.locator('.plan-group a[href*="ref="]').first().evaluate((link) => new URL(link.href).searchParams.get('ref'));
        await step(page, 'Bench').getByRole('link').click();
        // The controller is read again by the page that has just opened.
        await page.waitForFunction(() => window.nailrod?.live.picture?.unplugged?.length === 0);
        await page.evaluate(async (pressed) => {
            await window.nailrod.live.input(pressed, 1);
            await window.nailrod.live.input(pressed, 0);
        }, ref);
        await expect(page.locator('#tape')).toContainText(new RegExp(actions.join('|')));

        // Nothing of it has a memory, so there is nothing to store, and it goes on to the card.
        await expect(step(page, 'Store')).toHaveCount(0);
        await step(page, 'Print').getByRole('link').click();
        await page.getByText('Card for the knee').click();
        await expect(page.locator('.print__page')).not.toHaveCount(0);
        const printed = await Printed.of(page);
        for (const action of actions) expect(printed.text()).toContain(action.replace(/\s+/g, ''));
        printed.end();
        await page.getByRole('button', { name: 'It is on paper' }).click();
        await expect(page.locator('.first__end')).toHaveText('All done.');
        await page.getByRole('button', { name: 'Put this list away' }).click();
        await expect(page.locator('#steps')).toHaveCount(0);
    } finally {
        await app.end();
    }
});

test('the demo is looked around in, put away, and brought back', async ({ page, app }) => {
    await page.goto(`${app.url}/`);
    await clean(page);
    await page.getByRole('button', { name: 'Look around in the demo' }).click();
    await expect(page.locator('#rig-title')).toContainText('Fennel throttle');
    await page.goto(`${app.url}/first`);
    await page.getByRole('button', { name: 'Put the demo away' }).click();
    await expect(page.getByRole('heading', { name: 'Nailrod' })).toBeVisible();
    await page.getByRole('button', { name: 'Bring the demo back' }).click();
    await page.getByRole('button', { name: 'Look around in the demo' }).click();
    await expect(page.locator('#rig-title')).toContainText('Fennel throttle');
});

test('by the keyboard alone: begun, a box drawn and taken, a step skipped', async ({ page, app }) => {
    await page.goto(`${app.url}/first`);
    await page.getByRole('button', { name: 'Begin with my own rig' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'No device is in this rig yet' })).toBeVisible();
    await page.getByRole('link', { name: 'pedals' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('spinbutton', { name: 'Pedals' })).toHaveValue('3');
    await page.getByRole('spinbutton', { name: 'Pedals' }).focus();
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await expect(page.locator('.draw__face [data-control]')).toHaveCount(4);
    await page.getByRole('button', { name: 'Take it into the rig' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#rig-title')).toContainText('My own pedals');
    await page.getByRole('button', { name: 'Skip Try out' }).focus();
    await page.keyboard.press('Enter');
    await expect(step(page, 'Try out')).toHaveClass(/is-skipped/);
});
