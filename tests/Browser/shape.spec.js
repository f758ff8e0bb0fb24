import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './app.js';
import { change, moveLever, unfold } from './hands.js';

const LEVER = '?axis=fennel/friction';
const handle = (page, id) => page.locator(`[data-handle="${id}"]`);
const saved = async (page, does) => {
    const before = await page.locator('body').getAttribute('data-revision');
    await does();
    await expect(page.locator('body')).not.toHaveAttribute('data-revision', before);
};

/** Types a figure; nothing is saved where it stands already. */
async function put(page, field, value) {
    if (await page.locator(field).inputValue() !== String(value)) {
        await change(page, field, value);
    }
}

/** Drags a handle to a place on the picture, in parts of the whole. */
async function drag(page, id, across, up) {
    const box = await page.locator('#plot').evaluate((svg, [x, y]) => {
        const [left, top, width, height] = ['left', 'top', 'width', 'height'].map((name) => Number(svg.dataset[name]));
        const at = new DOMPoint(left + width * x, top + height * (1 - y)).matrixTransform(svg.getScreenCTM());

        return { x: at.x, y: at.y };
    }, [across, up]);
    const from = await handle(page, id).locator('.hit').boundingBox();
    const isLine = from.width > 100 || from.height > 100;
    await page.mouse.move(isLine && from.width > 100 ? from.x + from.width * 0.75 : from.x + from.width / 2, from.y + from.height / (isLine && from.height > 100 ? 3 : 2));
    await page.mouse.down();
    await page.mouse.move(box.x, box.y, { steps: 6 });
    await page.waitForTimeout(250);
}

/** What the engine sends for a travel: the lever is moved there. */
async function sends(page, ref, to) {
    await moveLever(page, ref, to, 6);
    await page.evaluate(() => window.nailrod.live.settled());

    return page.evaluate((name) => window.nailrod.live.picture.axes[name], ref);
}

test('each kind of thing is made, dragged, typed and taken away with the mouse, and line, field, sentence and engine agree', async ({ page, app }) => {
    test.setTimeout(120_000);
    await app.open(page, 'shape', LEVER);
    const line = () => page.locator('#plot [data-line="line"]').getAttribute('d');

    await test.step('a dead zone shows what it will do while it is dragged', async () => {
        const before = await line();
        await drag(page, 'zone-low', 0.2, 0.5);
        await expect(page.locator('#part-dead_zones .part__says')).toContainText('at the low end counts for nothing');
        expect(await line()).not.toBe(before);
        await saved(page, () => page.mouse.up());
        await expect(page.locator('#dead_zones-low')).toHaveValue(/^(19|20|21)/);
        await put(page, '#dead_zones-low', 20);
        await expect(page.locator('#part-dead_zones .part__says')).toHaveText('20 % at the low end counts for nothing.');
        expect((await sends(page, 'fennel/friction', 0.6)).value).toBeCloseTo(0.5, 1);
        await put(page, '#dead_zones-low', 0);
    });

    await test.step('a point', async () => {
        await sends(page, 'fennel/friction', 0.5);
        await saved(page, () => page.locator('.adds').getByText('point', { exact: true }).click());
        await expect(handle(page, 'point-5')).toHaveCount(1);
        await drag(page, 'point-3', 0.9, 0.35);
        await saved(page, () => page.mouse.up());
        await expect(page.locator('#curve-x-3'), 'a point stays between its neighbours').toHaveValue('74.9');
        await expect(page.locator('#curve-y-3')).toHaveValue(/^3[4-6]/);
        await put(page, '#curve-y-3', 25);
        await put(page, '#curve-x-3', 50);
        await expect(page.locator('#part-curve .part__says')).toContainText('Through 6 points');
        expect((await sends(page, 'fennel/friction', 0.5)).sent).toBeCloseTo(0.25, 1);
        await handle(page, 'point-1').focus();
        await saved(page, () => page.keyboard.press('Delete'));
        await expect(handle(page, 'point-5')).toHaveCount(0);
        await saved(page, () => page.locator('#part-curve').getByText('straight', { exact: true }).click());
    });

    await test.step('the bend of expo', async () => {
        await drag(page, 'bend', 0.5, 0.4);
        await saved(page, () => page.mouse.up());
        await expect(page.locator('#part-curve .part__says')).toContainText('calm at the start');
        await put(page, '#curve-k', 0);
    });

    await test.step('the range', async () => {
        await drag(page, 'range-high', 0, 0.8);
        await saved(page, () => page.mouse.up());
        await put(page, '#range-high', 80);
        await expect(page.locator('#part-range .part__says')).toHaveText('The whole travel sends 0 % to 80 %.');
        expect((await sends(page, 'fennel/friction', 1)).sent).toBeCloseTo(0.8, 3);
        await put(page, '#range-high', 100);
    });

    await test.step('a notch', async () => {
        await sends(page, 'fennel/friction', 0.5);
        await saved(page, () => page.locator('.adds').getByText('notch', { exact: true }).click());
        await drag(page, 'notch-0', 1, 0.3);
        await saved(page, () => page.mouse.up());
        await put(page, '#notches-at-0', 30);
        await expect(page.locator('#part-notches .part__says')).toHaveText('Settles at 30 % within 2 % either side.');
        expect((await sends(page, 'fennel/friction', 0.3)).sent).toBeCloseTo(0.3, 4);
        await unfold(page, '[form="remove-notch-0"]');
        await saved(page, () => page.getByRole('button', { name: 'Take notch 1 away' }).click());
        await expect(handle(page, 'notch-0')).toHaveCount(0);
    });

    await test.step('a stop', async () => {
        await saved(page, () => page.locator('.adds').getByText('stop', { exact: true }).click());
        await drag(page, 'stop-stop', 0.5, 0.7);
        await saved(page, () => page.mouse.up());
        await put(page, '#stop-stop-at', 70);
        await expect(page.locator('.part--stop .part__says')).toContainText('at or below 70 % until a contact (none is chosen yet) opens it');
        expect((await sends(page, 'fennel/friction', 0.9)).sent).toBeCloseTo(0.7, 4);
        await saved(page, () => page.getByText('Take the stop Stop away').click());
    });

    await test.step('a threshold, which lights as it closes', async () => {
        await saved(page, () => page.locator('.adds').getByText('threshold', { exact: true }).click());
        const part = page.locator('#part-made-threshold');
        await drag(page, 'made-threshold-at', 0.4, 0.5);
        await saved(page, () => page.mouse.up());
        await put(page, '#made-threshold-at', 40);
        await expect(part.locator('.part__says')).toHaveText('Closes when the travel of Friction slider comes to 40 % or above, and opens below 39 %.');
        await sends(page, 'fennel/friction', 0.2);
        await expect(part).not.toHaveClass(/is-closed/);
        await sends(page, 'fennel/friction', 0.5);
        await expect(part).toHaveClass(/is-closed/);
        await saved(page, () => part.getByText('between', { exact: true }).click());
        await put(page, '#made-threshold-to', 45);
        await expect(part).not.toHaveClass(/is-closed/);
        await saved(page, () => part.getByText('Take it away').click());
        await expect(part).toHaveCount(0);
    });

    await test.step('zones', async () => {
        await saved(page, () => page.locator('.adds').getByText('zones', { exact: true }).click());
        const id = 'made-zones-of-friction-slider-bounds';
        await drag(page, `${id}-0`, 0.2, 0.5);
        await saved(page, () => page.mouse.up());
        await put(page, `#${id}-0`, 20);
        await sends(page, 'fennel/friction', 0.1);
        await expect(page.locator('.plot__cut.is-closed')).toHaveText('1');
        await sends(page, 'fennel/friction', 0.9);
        await expect(page.locator('.plot__cut.is-closed')).toHaveText('3');
        await handle(page, `${id}-1`).focus();
        await saved(page, () => page.keyboard.press('Delete'));
        await expect(page.locator('.plot__cut')).toHaveCount(2);
    });

    await test.step('and every step of it can be undone', async () => {
        for (let i = 0; i < 5; i++) {
            await saved(page, () => page.keyboard.press('Control+z'));
        }
        await expect(page.locator('#notices')).not.toContainText('Not done');
    });
});

test('all of it goes by the keyboard alone', async ({ page, app }) => {
    await app.open(page, 'shape', LEVER);
    for (const what of ['point', 'notch', 'stop', 'threshold', 'zones']) {
        await page.locator(`.adds [value="${what}"]`).focus();
        await saved(page, () => page.keyboard.press('Enter'));
    }
    for (const [id, key, field] of [['zone-low', 'ArrowRight', '#dead_zones-low'], ['zone-high', 'ArrowLeft', '#dead_zones-high'], ['point-2', 'ArrowUp', '#curve-y-2'], ['notch-0', 'ArrowUp', '#notches-at-0'], ['stop-stop', 'ArrowUp', '#stop-stop-at'], ['made-threshold-at', 'ArrowRight', '#made-threshold-at'], ['made-zones-of-friction-slider-bounds-0', 'ArrowRight', '#made-zones-of-friction-slider-bounds-0'], ['range-high', 'ArrowDown', '#range-high']]) {
        const was = Number(await page.locator(field).inputValue());
        await handle(page, id).focus();
        await saved(page, () => page.keyboard.press(key));
        await expect(page.locator(field)).not.toHaveValue(String(was));
        expect(Math.abs(Number(await page.locator(field).inputValue()) - was)).toBeCloseTo(1, 5);
        await expect(handle(page, id)).toHaveAttribute('aria-valuenow', id === 'point-2' ? /./ : await page.locator(field).inputValue());
    }
    for (const id of ['made-threshold-at', 'stop-stop', 'notch-0', 'point-2', 'made-zones-of-friction-slider-bounds-1']) {
        await handle(page, id).focus();
        await saved(page, () => page.keyboard.press('Delete'));
        await expect(handle(page, id)).toHaveCount(0).catch(() => expect(id).toBe('point-2'));
    }
});

test('a double click puts a point on the line, and a part and another axis can be looked at beside it', async ({ page, app }) => {
    await app.open(page, 'shape', LEVER);
    const box = await page.locator('#plot').boundingBox();
    await saved(page, () => page.mouse.dblclick(box.x + box.width * 0.4, box.y + box.height * 0.3));
    await expect(page.locator('[data-handle^="point-"]')).toHaveCount(6);
    await page.getByRole('link', { name: 'High 5 %' }).click();
    await expect(page.locator('#plot')).toHaveAttribute('data-across', '[0.95,1]');
    await sends(page, 'fennel/friction', 1);
    await expect(page.locator('#live-text')).toBeVisible();
    await page.getByLabel('Compare with').selectOption({ label: 'Gorse · Stick X' });
    await expect(page.locator('.plot__compared')).toHaveCount(1);
});

test('two paddles share a clutch 60 to 40, and the bite point is found by trying', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/marl/shape?axis=made/clutch`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    const clutch = () => page.evaluate(async () => {
        await window.nailrod.live.settled();

        return Math.round(1000 * window.nailrod.live.picture.axes['made/clutch'].sent) / 1000;
    });
    const pull = (paddle, value) => page.evaluate(([ref, reading]) => window.nailrod.live.input(ref, reading), [`rowan/${paddle}-paddle`, value]);
    await pull('left', 255);
    expect(await clutch()).toBeCloseTo(0.6, 3);
    await pull('right', 255);
    expect(await clutch()).toBe(1);
    await pull('left', 0);
    expect(await clutch()).toBeCloseTo(0.4, 3);
    await pull('right', 0);
    await pull('left', 204);
    expect(await clutch()).toBeCloseTo(0.48, 3);
    await unfold(page, '#part-made-clutch .part__try');
    await saved(page, () => page.getByText('It bites here').click());
    await expect(page.locator('#part-made-clutch .part__says')).toHaveText('Left clutch paddle alone reaches 48 %, Right clutch paddle alone 52 %, both together 100 %.');
    await pull('left', 255);
    expect(await clutch()).toBeCloseTo(0.48, 3);
    await page.getByRole('link', { name: 'Left clutch paddle' }).first().click();
    await page.getByRole('link', { name: 'Two axes' }).click();
    await expect(page.locator('#two-words')).toContainText('Clutch: 48.0 %');
});

test('a wheel of 1080 degrees used for 480 is at full lock at 240 either way, in this truck only', async ({ page, app }) => {
    const at = async (set, degrees) => {
        await page.goto(`${app.url}/sets/${set}/shape?axis=rowan/wheel`);
        await page.waitForFunction(() => window.nailrod?.live.picture !== null);

        return page.evaluate(async (reading) => {
            window.nailrod.live.input('rowan/wheel', reading);
            await window.nailrod.live.settled();

            return window.nailrod.live.picture.axes['rowan/wheel'].sent;
        }, Math.round(32767.5 + (65535 * degrees) / 1080));
    };
    expect(await at('marl', 241)).toBe(1);
    expect(await at('marl', -241)).toBe(0);
    expect(await at('marl', 120)).toBeGreaterThan(0.7);
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('480');
    expect(await at('hairpin-ladder', 241)).toBeLessThan(0.75);
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('1080');
    await expect(page.locator('.setting').first()).toContainText('from House');
});

test('a flap lever with five notches and jitter sends exactly five values and never flickers', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=gorse/finger&tab=more');
    await saved(page, () => page.getByRole('button', { name: 'Flap lever with five positions' }).click());
    await page.goto(`${app.url}/sets/skerrywing/assign?layer=base&ref=gorse/finger`);
    await saved(page, () => page.locator('.does').getByText('Assign', { exact: true }).click());
    const values = await page.evaluate(async () => {
        await window.nailrod.live.settled();
        const { min, max } = document.querySelector('[data-face] [data-axis="gorse/finger"]').dataset;
        const sent = [];
        document.addEventListener('live:answer', ({ detail }) => sent.push(...detail.sent.filter((event) => event.kind === 'axis' && event.cause !== '').map((event) => event.value)));
        for (let i = 0; i <= 400; i++) {
            const wanted = Number(min) + ((Number(max) - Number(min)) * i) / 400;
            const trembles = ((i * 7919) % 9) - 4;
            window.nailrod.live.input('gorse/finger', Math.round(Math.min(Number(max), Math.max(Number(min), wanted + trembles))));
        }
        await window.nailrod.live.settled();
        await new Promise((resolve) => { setTimeout(resolve, 300); });

        return sent;
    });
    expect(values).toEqual([...new Set(values)]);
    expect(values.map((value) => Math.round((1000 * value) / 65535)).filter((value) => value > 0)).toEqual([250, 500, 750, 1000]);
});

test('a throttle with an idle stop, a cruise stop and a fuel cut works on the bench as one expects', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever&tab=more');
    await saved(page, () => page.getByRole('button', { name: 'Throttle with idle and cruise stops' }).click());
    await page.getByRole('link', { name: 'Shape', exact: true }).last().click();
    for (const [stop, opener] of [['idle', 'fennel/left-thumb'], ['cruise', 'fennel/ring']]) {
        await unfold(page, `#stop-${stop}`);
        await saved(page, () => page.locator(`#stop-${stop} [name="opener"]`).selectOption(opener));
    }
    await page.goto(`${app.url}/sets/skerrywing/assign?device=made&layer=base&ref=made/fuel-cut`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.getByPlaceholder('Type an action, Enter assigns it').fill('Fuel cut');
    await saved(page, () => page.getByPlaceholder('Type an action, Enter assigns it').press('Enter'));
    await app.open(page, 'bench');
    const sent = async (to) => Math.round(100 * (await sends(page, 'fennel/left-lever', to)).sent);
    expect(await sent(0.5)).toBeGreaterThan(45);
    expect(await sent(0)).toBe(12);
    await expect(page.locator('.tape')).toContainText('Fuel cut');
    const hold = page.locator('[data-face] [data-press="fennel/left-thumb"]').first();
    await hold.focus();
    await page.keyboard.press('Enter');
    expect(await sent(0.02)).toBeLessThan(12);
    await hold.focus();
    await page.keyboard.press('Enter');
    expect(await sent(1)).toBe(90);
    await page.locator('[data-face] [data-press="fennel/ring"]').first().focus();
    await page.keyboard.press('Enter');
    expect(await sent(1)).toBe(100);
});

test('figures say what an axis gives, and what was measured is held against it', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=gorse/stick.x&tab=figures');
    await expect(page.locator('.figures--tuner')).toContainText('Gain at rest');
    await expect(page.locator('.panel')).toContainText('Skerrywing bends Roll itself: with the curve here it is bent twice.');
    await expect(page.locator('.panel')).toContainText('It has not been measured');
});

test('"when I press this hard, send 60 %"', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=sedge/left-toe&tab=more');
    const { travel } = await page.evaluate(async () => {
        window.nailrod.live.input('sedge/left-toe', 2600);
        await window.nailrod.live.settled();

        return window.nailrod.live.picture.axes['sedge/left-toe'];
    });
    await page.locator('#fit-sends').fill('60');
    await saved(page, () => page.getByText('Send that here').click());
    await page.evaluate(() => window.nailrod.live.settled());
    const axis = await page.evaluate(() => window.nailrod.live.picture.axes['sedge/left-toe']);
    expect(axis.travel).toBeCloseTo(travel, 4);
    expect(axis.value).toBeCloseTo(0.6, 2);
});

test('every view of Shape can be used by everyone', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=gorse/stick.x&tab=more');
    await saved(page, () => page.getByRole('button', { name: 'Trim lever with notches' }).click());
    for (const query of ['?axis=gorse/stick.x', '?axis=gorse/stick.x&tab=figures', '?axis=gorse/stick.x&tab=more', '?axis=gorse/stick.x&two=gorse/stick.y', '?axis=made/clutch&with=axis:sedge/left-toe', '?axis=rowan/left-paddle&two=rowan/right-paddle']) {
        await app.open(page, 'shape', query);
        for (const part of await page.locator('details.part').all()) {
            await part.evaluate((element) => { element.open = true; });
        }
        const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
        expect(violations.map(({ id, nodes }) => `${query}: ${id} ${nodes.map((node) => node.target.join(' ')).slice(0, 3).join(', ')}`)).toEqual([]);
    }
});

test('a copy reaches the pair and another set, and what a truck says itself is given back', async ({ page, app }) => {
    await app.open(page, 'shape', '?axis=fennel/left-lever');
    await put(page, '#curve-k', 35);
    await page.getByRole('link', { name: 'Copy and begin' }).click();
    await expect(page.locator('[name="to[]"][value="fennel/right-lever"]')).toBeChecked();
    await saved(page, () => page.getByRole('button', { name: 'Copy', exact: true }).click());
    await page.goto(`${app.url}/sets/skerrywing/shape?axis=fennel/right-lever`);
    await expect(page.locator('#part-curve .part__says')).toContainText('Expo 35 %');
    await page.goto(`${app.url}/sets/marl/shape?axis=rowan/wheel`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await expect(page.locator('#part-dead_zones')).toContainText('from House');
    const rotation = page.locator('.setting').filter({ hasText: 'Rotation' });
    await saved(page, () => rotation.getByRole('button', { name: 'give back' }).click());
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('1080');
    await page.keyboard.press('Control+z');
    await expect(page.locator('#s-rowan-rotation')).toHaveValue('480');
});

test('an axis with pick-up waits on the bench until it passes where its output stands', async ({ page, app }) => {
    await page.goto(`${app.url}/sets/skerrywing/assign?layer=water&ref=fennel/friction`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
    await page.locator('.does [name="output[number-axis]"]').fill('8');
    await saved(page, () => page.locator('.does').getByText('Assign', { exact: true }).click());
    await saved(page, () => page.locator('.editor__over [name="taking"]').selectOption('pick up'));
    await expect(page.locator('.editor__head .says')).toContainText('picks the output up when it passes where that stands');
    const play = (inputs) => page.evaluate(async (rows) => {
        const sent = [];
        const keep = ({ detail }) => sent.push(...detail.sent.filter((event) => event.kind === 'axis' && event.target === '8').map((event) => Math.round((100 * event.value) / 65535)));
        document.addEventListener('live:answer', keep);
        for (const [port, value] of rows) {
            window.nailrod.live.input(port, value);
            await window.nailrod.live.settled();
        }
        document.removeEventListener('live:answer', keep);

        return sent;
    }, inputs);
    expect(await play([['fennel/friction', 512], ['fennel/ring', 1]])).toEqual([50]);
    expect(await play([['fennel/ring', 0], ['fennel/friction', 900], ['fennel/ring', 1], ['fennel/friction', 700]])).toEqual([]);
    expect(await play([['fennel/friction', 409], ['fennel/friction', 307]])).toEqual([40, 30]);
});
