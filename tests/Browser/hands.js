import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

/** What hands do on a drawn device. */

const centre = async (locator) => {
    const box = await locator.boundingBox();

    return { x: box.x + box.width / 2, y: box.y + box.height / 2, box };
};

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** Nothing on the page keeps anybody out, once what fades has faded: a notice half gone has little contrast. */
export async function clean(page) {
    await page.evaluate(() => document.getAnimations().forEach((one) => {
        if (one.effect?.getComputedTiming().endTime !== Infinity) {
            one.finish();
        }
    }));
    const { violations } = await new AxeBuilder({ page }).withTags(RULES).analyze();
    expect(violations.map(({ id, nodes }) => [id, nodes[0].html])).toEqual([]);
}

/** Drags a lever to a part of its way, 0 (down) to 1 (up). */
export async function moveLever(page, ref, to, steps = 12) {
    const work = page.locator(`[data-face] [data-axis="${ref}"]`);
    const grip = await centre(work.locator('.grip'));
    const slot = await work.locator('.slot').boundingBox();
    const half = Number(await work.getAttribute('data-half'));
    const unit = slot.height / (2 * half + 24);
    const goal = slot.y + unit * 12 + (1 - to) * 2 * half * unit;
    await page.mouse.move(grip.x, grip.y);
    await page.mouse.down();
    for (let i = 1; i <= steps; i++) {
        await page.mouse.move(grip.x, grip.y + ((goal + (to >= 1 ? -6 : to <= 0 ? 6 : 0) - grip.y) * i) / steps);
        await page.waitForTimeout(16);
    }
    await page.mouse.up();
}

/** Presses a button for a while. */
export async function press(page, ref, ms = 80) {
    await hold(page, ref);
    await page.waitForTimeout(ms);
    await page.mouse.up();
    await page.waitForTimeout(40);
}

export async function hold(page, ref) {
    const { x, y } = await centre(page.locator(`[data-face] [data-press="${ref}"] .cap`));
    await page.mouse.move(x, y);
    await page.mouse.down();
}

/** Shift and a click: the button stays down until the next time. */
export async function latch(page, ref) {
    await page.keyboard.down('Shift');
    await press(page, ref, 20);
    await page.keyboard.up('Shift');
}

export async function flip(page, ref) {
    const { x, y } = await centre(page.locator(`[data-face] [data-flip="${ref}"] .cap`));
    await page.mouse.click(x, y);
    await page.waitForTimeout(40);
}

/** Types a value into a field that saves itself. */
/** Unfolds the part of a panel that something lies in. */
export async function unfold(page, selector) {
    await page.locator(selector).first().evaluate((element) => {
        for (let part = element.closest('details'); part; part = part.parentElement.closest('details')) {
            part.open = true;
        }
    });
}

export async function change(page, field, value) {
    await unfold(page, field);
    const before = await page.locator('body').getAttribute('data-revision');
    await page.locator(field).fill(String(value));
    await page.locator(field).press('Enter');
    await expect(page.locator('body')).not.toHaveAttribute('data-revision', before);
}

/** Does something that makes a new revision, and waits for it. */
export const saved = async (page, does) => {
    const before = await page.locator('body').getAttribute('data-revision');
    await does();
    await expect(page.locator('body')).not.toHaveAttribute('data-revision', before);
};
/** Picks a control on Assign, in the base layer if no other is named. */
export const pick = async (page, app, ref, layer = 'base') => {
    await page.goto(`${app.url}/sets/skerrywing/assign?layer=${layer}&ref=${ref}`);
    await page.waitForFunction(() => window.nailrod?.live.picture !== null);
};

const playNow = async (inputs) => {
    const sent = [];
    const keep = ({ detail }) => sent.push(...detail.sent.filter((event) => event.value === 1 && (event.kind === 'button' || event.kind === 'key')));
    document.addEventListener('live:answer', keep);
    for (const [wait, port, value] of inputs) {
        // What comes together comes at one time, however slow the machine is.
        if (wait > 0) {
            await new Promise((resolve) => { setTimeout(resolve, wait); });
        }
        window.nailrod.live.input(port, value);
    }
    await new Promise((resolve) => { setTimeout(resolve, 900); });
    await window.nailrod.live.settled();
    document.removeEventListener('live:answer', keep);

    return sent.map((event) => [`${event.kind} ${event.target}`, event.t - sent[0].t]);
};

/** Works controls, [milliseconds to wait before, port, value], and gives what began: [what, µs since the first]. */
export const play = async (page, rows) => {
    // What was edited just now is under the hands.
    await page.waitForFunction(() => {
        const picture = window.nailrod?.live.picture ?? null;
        const { program, set } = document.body.dataset;

        return picture !== null && (picture.set !== set || picture.program === program);
    });

    return page.evaluate(playNow, rows);
};

/** Assigns something else than an action to the picked control, by the fields of that kind. */
export async function assign(page, does, fields = {}) {
    await unfold(page, '.does [name="does"]');
    await page.locator('.does [name="does"]').selectOption(does);
    for (const [name, value] of Object.entries(fields)) {
        const field = page.locator(`.does [name="${name === 'behaviour' ? name : `output[${name}]`}"]`);
        await (await field.evaluate((element) => element.tagName) === 'SELECT' ? field.selectOption(value) : field.fill(String(value)));
    }
    await saved(page, () => page.locator('.does .button').click());
}
