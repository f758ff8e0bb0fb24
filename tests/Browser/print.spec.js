import { execFileSync } from 'node:child_process';
import { expect, test } from './app.js';
import { Printed } from './paper.js';

/** What the Print place shows is what a browser prints: measured in the PDF, with other programs. */

const near = (value, wanted, within) => expect(Math.abs(value - wanted), `${value} is not ${wanted}`).toBeLessThanOrEqual(within);
/** What the page shows, without spaces. */
const shown = (page) => page.locator('.print__page svg text').evaluateAll((all) => all.map((text) => text.textContent.replace(/\s+/g, '')));

for (const [paper, width, height] of [['a4', 595.276, 841.89], ['letter', 612, 792]]) {
    test(`labels on ${paper} are as large as they say, whole, and inside their strips`, async ({ page, app, context }) => {
        await app.open(page, `print?device=fennel&paper=${paper}&height=12`);
        const wanted = await shown(page);
        expect(wanted.length).toBeGreaterThan(12);
        const printed = await Printed.of(page);
        const sizes = printed.sizes();
        expect(sizes).toHaveLength(1);
        near(sizes[0][0], width, 0.5);
        near(sizes[0][1], height, 0.5);
        const text = printed.text();
        expect(wanted.filter((words) => !text.includes(words))).toEqual([]);

        const boxes = await printed.boxes(await context.newPage(), 1);
        const strips = boxes.filter((box) => box.width > 40 && box.height > 11 && box.height < 14);
        expect(strips.length).toBeGreaterThan(0);
        for (const strip of strips) {
            near(strip.height, 12, 0.1);
            expect(strip.left > 9 && strip.right < width * Printed.MM - 9, 'inside what a printer reaches').toBe(true);
        }
        // Cutting marks go on from the edges of the strip, outside of it.
        const [strip] = strips;
        const marks = boxes.filter((box) => box.height < 0.2 && Math.abs(box.width - 3) < 0.1);
        expect(marks.filter((mark) => Math.abs(mark.top - strip.top) < 0.1 || Math.abs(mark.top - strip.bottom) < 0.1).length).toBeGreaterThanOrEqual(4);
        // A word that begins inside a strip ends inside it, and between the lines where it is cut.
        const cuts = boxes.filter((box) => box.width < 0.2 && Math.abs(box.height - 12) < 0.1).map((box) => box.left);
        const words = printed.words().filter((word) => word.top > strip.top && word.top < strip.bottom);
        expect(words.length).toBeGreaterThan(8);
        for (const word of words) {
            expect(word.left >= strip.left && word.right <= strip.right && word.bottom <= strip.bottom + 0.3, word.word).toBe(true);
            expect(cuts.some((cut) => cut > word.left + 0.1 && cut < word.right - 0.1), `${word.word} is cut`).toBe(false);
        }
        printed.end();
    });
}

test('labels on the tape itself: a page as high as the tape and as long as it takes', async ({ page, app }) => {
    for (const height of [9, 12, 18, 24]) {
        await app.open(page, `print?device=gorse&paper=tape&height=${height}`);
        const wanted = await shown(page);
        const printed = await Printed.of(page);
        for (const [wide, high] of printed.sizes()) {
            near(high * Printed.MM, height, 0.18);
            expect([50, 100, 150, 200, 250, 300].some((length) => Math.abs(wide * Printed.MM - length) < 0.18)).toBe(true);
        }
        const text = printed.text();
        expect(wanted.filter((words) => !text.includes(words))).toEqual([]);
        printed.end();
    }
});

test('the card for the knee: its pages, its words, folded too', async ({ page, app }) => {
    const sizes = { a5: [419.53, 595.28], a6: [297.64, 419.53], 'a4-folded': [841.89, 595.28] };
    for (const [paper, [width, height]] of Object.entries(sizes)) {
        for (const more of ['', '&apart=1&large=1&black=1']) {
            await app.open(page, `print?what=card&paper=${paper}${more}`);
            const wanted = await shown(page);
            const pages = await page.locator('.print__page').count();
            const printed = await Printed.of(page);
            expect(printed.sizes()).toHaveLength(pages);
            for (const [wide, high] of printed.sizes()) {
                near(wide, width, 0.5);
                near(high, height, 0.5);
            }
            const text = printed.text();
            expect(wanted.filter((words) => !text.includes(words))).toEqual([]);
            expect(printed.words().filter((word) => word.left < 0 || word.right > width * Printed.MM || word.top < -0.2 || word.bottom > height * Printed.MM)).toEqual([]);
            printed.end();
        }
    }
});

test('what is wanted is said on the page; a change after printing is counted; a page is saved as a drawing', async ({ page, app }) => {
    await app.open(page, 'print?device=fennel');
    await page.locator('#print-height').selectOption('24');
    await expect(page).toHaveURL(/height=24/);
    await expect(page.locator('.print__page svg')).toBeVisible();
    await page.getByLabel('Black and white').check();
    await expect(page).toHaveURL(/black=1/);
    await page.getByRole('button', { name: 'It is on paper' }).click();
    await expect(page.locator('#print-changed')).toContainText('Nothing has changed since it was printed');
    await page.getByLabel('On water').uncheck();
    await expect(page.locator('#print-changed')).toContainText(/\d+ labels since it was printed/);
    await page.getByLabel('Only what has changed').check();
    await expect(page).toHaveURL(/changed=1/);

    const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save as SVG' }).first().click()]);
    expect(saved.suggestedFilename()).toBe('skerrywing-labels-fennel-1.svg');
    let pressed = 0;
    await page.exposeFunction('printed', () => { pressed++; });
    await page.evaluate(() => { window.print = () => window.printed(); });
    await page.getByRole('button', { name: 'Print, or save as PDF' }).click();
    await expect.poll(() => pressed).toBe(1);
});

test('a device that was measured gets wider labels; it is one step back', async ({ page, app }) => {
    await app.open(page, 'print?device=fennel');
    const wide = () => page.locator('.print__page svg rect[fill=none]').first().evaluate((rect) => Number(rect.getAttribute('width')));
    const before = await wide();
    await page.locator('#size-from').selectOption('left-lever');
    await page.locator('#size-to').selectOption('right-lever');
    await page.locator('#size-mm').fill('32');
    await page.getByRole('button', { name: 'Take this size' }).click();
    await expect(page.locator('.place')).toContainText('It is 32 mm from Left lever to Right lever.');
    expect(await wide()).toBeGreaterThan(before * 1.3);
    await page.keyboard.press('Control+z');
    await expect(page.locator('.place')).toContainText('So far the drawing is taken for true.');
    expect(await wide()).toBe(before);
});

test('what the layout counts with is what the font has', () => {
    execFileSync('node', ['resources/fonts/widths.js', '--check'], { stdio: 'pipe' });
});
