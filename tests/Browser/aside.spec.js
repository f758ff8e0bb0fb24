import { expect, test } from './app.js';
import { clean, play, saved } from './hands.js';

const sends = async (page, ref) => (await play(page, [[0, ref, 1], [200, ref, 0]])).map(([what]) => what);

test('an assignment is set aside by one key and taken up by the same; the rig sends nothing meanwhile, and the tape says why', async ({ page, app }) => {
    await app.open(page, 'assign', '?layer=base&ref=fennel/switch-4.up');
    expect(await sends(page, 'fennel/switch-4.up')).toEqual(['key KeyV']);
    await saved(page, () => page.locator('.comb tr.is-picked td a[aria-current]').press('a'));
    await expect(page.locator('#notices')).toContainText('Switch 4 up in Cruise: not said here → set aside');
    await expect(page.locator('[data-cell="base/fennel/switch-4.up"]')).toHaveClass(/cell--aside/);
    await expect(page.locator('.editor__head .says')).toContainText('Set aside: When Switch 4 up closes');
    await clean(page);
    expect(await sends(page, 'fennel/switch-4.up')).toEqual([]);
    await expect(page.locator('#tape-lines')).toContainText('what it does is set aside');
    await saved(page, () => page.keyboard.press('a'));
    expect(await sends(page, 'fennel/switch-4.up')).toEqual(['key KeyV']);
    await saved(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('.editor__head .says')).toContainText('Set aside:');
});

test('a stop that is set aside holds nothing, in this set alone, and comes back as it was', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/dunlin/shape?axis=fennel/left-lever`);
    await page.waitForFunction(() => Boolean(window.nailrod?.live.picture));
    const highest = async () => {
        await page.evaluate(() => {
            window.__sent = [];
            document.addEventListener('live:answer', ({ detail }) => window.__sent.push(...detail.sent.filter(({ kind }) => kind === 'axis').map(({ value }) => value)));
        });
        await page.evaluate(async () => { window.nailrod.live.input('fennel/left-lever', 64_000); await window.nailrod.live.settled(); });
        const most = await page.evaluate(() => Math.max(...window.__sent));
        await page.evaluate(async () => { window.nailrod.live.input('fennel/left-lever', 900); await window.nailrod.live.settled(); });

        return most;
    };
    expect(await highest()).toBeLessThan(50_000);
    const stop = page.locator('.part--stop');
    const head = stop.locator('> summary');
    await head.click();
    await saved(page, () => stop.getByRole('button', { name: 'Set aside' }).click());
    await expect(head).toContainText('set aside');
    await expect(page.locator('.handle--stop')).toHaveClass(/handle--aside/);
    await clean(page);
    expect(await highest()).toBeGreaterThan(60_000);
    await saved(page, () => head.press('a'));
    await expect(page.locator('.handle--stop')).not.toHaveClass(/handle--aside/);
    expect(await highest()).toBeLessThan(50_000);
    // A threshold made here never closes while it is set aside.
    await saved(page, () => page.getByRole('button', { name: 'threshold', exact: true }).click());
    const threshold = page.locator('.part--made').last();
    await saved(page, () => threshold.locator('> summary').press('a'));
    await expect(threshold.locator('> summary')).toContainText('threshold, set aside');
    await page.evaluate(async () => { window.nailrod.live.input('fennel/left-lever', 64_000); await window.nailrod.live.settled(); });
    expect(await page.evaluate(() => window.nailrod.live.picture.closed.filter((ref) => ref.startsWith('made/threshold')))).toEqual([]);
    await page.goto(`${app.url}/sets/dunlin/store?device=fennel`);
    await expect(page.locator('body')).toContainText('it is set aside');
    await page.goto(`${app.url}/sets/skerrywing/store?device=fennel`);
    await expect(page.locator('body')).not.toContainText('it is set aside');
});

test('a lamp rule and a macro are set aside: the lamp stays dark, the macro is not played', async ({ page, app }) => {
    await app.open(page, 'lamps');
    const lit = () => page.evaluate(async () => { await window.nailrod.live.settled(); return Object.keys(window.nailrod.live.picture.lamps); });
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 1));
    await expect.poll(lit).toContain('fennel/lamp-1');
    const rule = page.locator('.picks li', { hasText: 'while layer On water is live' });
    await saved(page, () => rule.getByRole('button', { name: 'Set aside' }).click());
    await expect.poll(lit).not.toContain('fennel/lamp-1');
    await saved(page, () => rule.getByRole('button', { name: 'Take up' }).click());
    await expect.poll(lit).toContain('fennel/lamp-1');
    await page.evaluate(() => window.nailrod.live.input('fennel/ring', 0));

    await app.open(page, 'macros', '?macro=three-sacks');
    await saved(page, () => page.keyboard.press('a'));
    await expect(page.locator('#notices')).toContainText('Macro Three sacks: not said here → set aside');
    await expect(page.locator('.macros__line .says').first()).toContainText('Set aside: ');
    await expect(page.locator('.picks [aria-current]')).toContainText('set aside');
    await clean(page);
});
