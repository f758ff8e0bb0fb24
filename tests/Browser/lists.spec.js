import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './app.js';
import { play, saved } from './hands.js';

const change = async (page, app, place = 'actions') => {
    await app.open(page, place);
    await page.getByRole('button', { name: 'Change this list' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The list of Skerrywing');
};
const take = (page) => page.getByRole('button', { name: 'Take it' }).click();
const sends = async (page, ref) => (await play(page, [[0, ref, 1], [200, ref, 0]])).map(([what]) => what);
const bring = async (page, app, name, table) => {
    await app.open(page, 'sets');
    await page.locator('.upload input[type=file]').first().setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(table) });
    await page.getByRole('button', { name: 'Look at it' }).click();
};

test('a list is changed while its sets use it: the rig sends the new key, what would go is shown, one step back brings it back', async ({ page, app }) => {
    await change(page, app);
    await page.getByLabel('Press the key of Flaps one down').click();
    await page.keyboard.press('Control+j');
    await expect(page.getByLabel('Key of Flaps one down', { exact: true })).toHaveValue('Ctrl+J');
    await page.getByLabel('Name of Flaps one up').fill('Flaps a notch up');
    await page.getByLabel('Key of Flaps one up', { exact: true }).fill('Strg+Num 5');
    await take(page);
    await expect(page.locator('#notices')).toContainText('Flaps one down has the key Ctrl+J; Flaps one up is called Flaps a notch up, has the key Ctrl+Num 5.');
    expect(await sends(page, 'fennel/switch-4.down')).toEqual(['key ControlLeft', 'key KeyJ']);
    expect(await sends(page, 'fennel/switch-4.up')).toEqual(['key ControlLeft', 'key Numpad5']);

    await page.getByRole('button', { name: 'Change this list' }).click();
    await page.getByLabel('Flaps one down goes').check();
    await take(page);
    const does = page.locator('#does');
    await expect(does).toContainText('Flaps one down goes.');
    await expect(does).toContainText('Switch 4 down in Cruise: Flaps one down');
    await expect(page.getByRole('status')).toContainText('Nothing is taken yet');
    // What goes can stay all the same, as long as it is not taken.
    await page.getByLabel('stays all the same: Flaps one down').check();
    await page.getByRole('button', { name: 'Show what it does' }).click();
    await expect(does).toContainText('word for word');
    await page.getByLabel('Flaps one down goes').check();
    await page.getByRole('button', { name: 'Show what it does' }).click();
    await take(page);
    await expect(page).toHaveURL(/\/actions/);
    expect(await sends(page, 'fennel/switch-4.down')).toEqual([]);
    await saved(page, () => page.getByRole('button', { name: 'Undo in the list' }).click());
    await expect(page.locator('#notices')).toContainText('Undone in the list of Skerrywing: Flaps one down goes.');
    expect(await sends(page, 'fennel/switch-4.down')).toEqual(['key ControlLeft', 'key KeyJ']);
    // Done again, and undone by the key, as any edit of the set.
    await page.getByRole('button', { name: 'Do again in the list' }).click();
    await expect(page.locator('#notices')).toContainText('Done again in the list of Skerrywing');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#notices')).toContainText('Undone in the list of Skerrywing');
    await expect(page.locator('.actions-list')).toContainText('Flaps one down');
});

test('a table is put right on its page before it is taken, and the plan knows what was said', async ({ page, app }) => {
    await bring(page, app, 'Lock keeper.csv', 'action,key\nGate in,G\nGate out,H\nSluice,\nBell,B\n');
    await expect(page.getByLabel('Kind of Gate in')).toHaveValue('step pair');
    await page.getByLabel('Kind of Sluice').selectOption('axis');
    await page.getByLabel('Sluice can be written from outside').check();
    await page.getByLabel('Role of Bell').fill('horn');
    await page.getByLabel('Key of Bell', { exact: true }).fill('Hyper');
    await page.getByLabel('Name of a new action').first().fill('Lock lights');
    await page.getByLabel('Kind of a new action').first().selectOption('two-state');
    await take(page);
    await expect(page.getByRole('alert')).toContainText('Bell, key: found "Hyper", expected a key');
    // Nothing of what was typed is lost.
    await expect(page.getByLabel('Role of Bell')).toHaveValue('horn');
    await expect(page.getByLabel('Name of a new action').first()).toHaveValue('Lock lights');
    await page.getByLabel('Key of Bell', { exact: true }).fill('Left Alt+B');
    await take(page);
    await expect(page).toHaveURL(/lock-keeper\/plan/);
    await page.goto(`${app.url}/sets/lock-keeper/actions`);
    const row = (name) => page.locator('.actions-list tr', { hasText: name });
    await expect(row('Sluice')).toContainText(/axis\s*axis, variable/);
    await expect(row('Bell')).toContainText('Alt+B');
    await expect(row('Bell')).toContainText('horn');
    await expect(row('Lock lights')).toContainText('two-state');
});

test('a newer table of a game that is here is known as one, by the keyboard alone, and both themes are clean', async ({ page, app }) => {
    await app.open(page, 'sets');
    const actions = await page.evaluate(() => fetch('/sets/quay-cable/keys').then((answer) => answer.text()));
    const table = actions.split('\n').filter((line) => !/^Horn,/.test(line)).map((line) => line.split(/,(?=(?:[^"]*"[^"]*")*[^"]*$)/).slice(0, 2).join(',')).join('\n');
    await bring(page, app, 'quay.csv', `${table.trim()}\nWhistle,Signals\n`);
    await expect(page.locator('#does')).toContainText('Whistle is new: momentary.');
    await expect(page.locator('#does')).toContainText('Horn goes.');
    await expect(page.locator('.says--warn', { hasText: 'From Quay & Cable' })).toContainText('one thing goes');
    for (const theme of ['light', 'dark']) {
        await page.evaluate((to) => { document.documentElement.dataset.theme = to; }, theme);
        // Its rows are alike: the first few are looked at.
        expect((await new AxeBuilder({ page }).exclude('.list__rows tbody:first-of-type tr:nth-child(n + 4)').exclude('datalist').analyze()).violations.map(({ id, nodes }) => [id, nodes[0].html])).toEqual([]);
    }
    // What a part of a name finds is shown, the rest is out of the way.
    await page.getByLabel('Find').focus();
    await page.keyboard.type('wipers slow');
    await expect(page.locator('.list__rows tbody:first-of-type tr:visible')).toHaveCount(1);
    await page.getByLabel('Key of Wipers slower', { exact: true }).focus();
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await page.keyboard.press('F7');
    await expect(page.getByLabel('Key of Wipers slower', { exact: true })).toHaveValue('F7');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/quay-cable\/actions/);
    await expect(page.locator('.actions-list tr', { hasText: 'Wipers slower' })).toContainText('F7');
});

test('a list that was changed in another tab is not taken, and what was typed stays and says what it does now', async ({ page, app, context }) => {
    await change(page, app);
    const other = await context.newPage();
    await change(other, app);
    await other.getByLabel('Role of Horn').fill('fog');
    await take(other);
    await expect(other.locator('#notices')).toContainText('Horn has the role “fog”.');
    await page.getByLabel('Role of Talk').fill('radio');
    await take(page);
    await expect(page.getByRole('alert')).toContainText('changed in another tab');
    await expect(page.getByLabel('Role of Talk')).toHaveValue('radio');
    await expect(page.locator('#does')).toContainText('Horn has the role “horn”.');
});
