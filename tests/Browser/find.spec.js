import { expect, test } from './app.js';

/** Ctrl+K: anything is found by a part of its name, from every place, and is picked where it leads. */

const list = (page) => page.locator('#find-list li');

test('what is found by the keyboard is gone to and picked; Escape leaves all as it was', async ({ page, app }) => {
    await app.open(page, 'bench');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('ring lev');
    await expect(list(page).first()).toContainText('Ring lever');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/assign\?device=fennel&layer=base&ref=fennel%2Fring/);
    await expect(page.locator('.comb tr.is-picked')).toContainText('Ring');

    await page.keyboard.press('Control+k');
    await page.keyboard.type('anch');
    await expect(list(page)).not.toHaveCount(0);
    const second = await list(page).nth(1).innerText();
    await page.keyboard.press('ArrowDown');
    await expect(list(page).nth(1)).toHaveAttribute('aria-selected', 'true');
    expect(await list(page).nth(1).innerText()).toBe(second);
    await page.keyboard.press('Escape');
    await expect(page.locator('#find')).toBeHidden();
    await expect(page).toHaveURL(/fennel%2Fring/);

    // Typed and taken at once: the answer is waited for.
    await page.keyboard.press('Control+k');
    await page.keyboard.type('Mail route');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/panel\?device=clover&panel=mail-route/);
    await expect(page.locator('#panel-title')).toContainText('Mail route');
});

test('what is pressed before the scripts are there is kept, with what is typed after it', async ({ page, app }) => {
    await app.open(page, 'bench');
    // The scripts come late, as on a slow machine; what is kept is kept by one that the page waits for.
    await page.route('**/build/assets/app-*.js', async (route) => {
        await new Promise((resolve) => { setTimeout(resolve, 1500); });
        await route.continue();
    });
    await page.goto(`${app.url}/sets/skerrywing/lamps`, { waitUntil: 'commit' });
    await page.locator('.place--lamps').waitFor();
    expect(await page.evaluate(() => window.nailrod)).toBeUndefined();
    await page.keyboard.press('Control+k');
    await page.keyboard.type('ring lexx');
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Backspace');
    await page.keyboard.type('v');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/assign\?device=fennel&layer=base&ref=fennel%2Fring/);
});

test('by the mouse: a set, and nothing that is not here', async ({ page, app }) => {
    await app.open(page, 'lamps');
    await page.getByRole('button', { name: 'Find anything' }).click();
    await page.locator('#find input').fill('qwertz');
    await expect(page.locator('#find .choose__says')).toHaveText('Nothing here has “qwertz” in its name.');
    await page.locator('#find input').fill('marl');
    await list(page).filter({ hasText: 'Marl truck' }).click();
    await expect(page).toHaveURL(/sets\/marl\/lamps/);
});
