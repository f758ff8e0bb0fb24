import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** What a browser prints, as a PDF that is measured by other programs. Lengths are in mm. */
export class Printed {
    static MM = 25.4 / 72;

    /** @param {import('@playwright/test').Page} page */
    static async of(page) {
        await page.evaluate(() => document.fonts.ready);
        return new Printed(await page.pdf({ preferCSSPageSize: true, printBackground: true }));
    }

    /** @param {Buffer} pdf */
    constructor(pdf) {
        this.folder = mkdtempSync(join(tmpdir(), 'nailrod-printed-'));
        this.file = join(this.folder, 'printed.pdf');
        writeFileSync(this.file, pdf);
    }

    /** Width and height of each page, in points. */
    sizes() {
        const says = execFileSync('pdfinfo', ['-f', '1', '-l', '999', this.file], { encoding: 'utf8' });
        return [...says.matchAll(/size:\s+([\d.]+) x ([\d.]+) pts/g)].map(([, width, height]) => [Number(width), Number(height)]);
    }

    /** Every word with the box that it takes, from the upper left corner of its page. */
    words() {
        const says = execFileSync('pdftotext', ['-bbox', this.file, '-'], { encoding: 'utf8' });
        return says.split('<page ').slice(1).flatMap((text, page) => [...text.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">(.*?)<\/word>/g)].map(([, left, top, right, bottom, word]) => ({
            page, word: word.replaceAll('&amp;', '&').replaceAll('&quot;', '"').replaceAll('&#39;', "'").replaceAll('&apos;', "'").replaceAll('&lt;', '<').replaceAll('&gt;', '>'),
            left: left * Printed.MM, top: top * Printed.MM, right: right * Printed.MM, bottom: bottom * Printed.MM,
        })));
    }

    /** All words of it in one string, without spaces: letters may be set apart. */
    text() {
        return execFileSync('pdftotext', ['-raw', this.file, '-'], { encoding: 'utf8' }).replace(/\s+/g, '');
    }

    /**
     * The box of every line and area on a page, as it is drawn.
     *
     * @param {import('@playwright/test').Page} page one that measures the drawing
     * @param {number} number of the page, from 1 on
     */
    async boxes(page, number) {
        execFileSync('pdftocairo', ['-svg', '-f', String(number), '-l', String(number), this.file, join(this.folder, `page-${number}.svg`)]);
        const drawing = readFileSync(join(this.folder, readdirSync(this.folder).find((name) => name.startsWith(`page-${number}`)) ?? ''), 'utf8').replace(/<\?xml.*?\?>/, '');
        await page.setContent(`<body style="margin:0">${drawing}`);
        return page.evaluate((mm) => {
            const svg = /** @type {SVGSVGElement} */ (document.querySelector('svg'));
            const [, , width, height] = svg.getAttribute('viewBox').split(' ').map(Number);
            svg.setAttribute('width', `${width}px`);
            svg.setAttribute('height', `${height}px`);
            return [...svg.querySelectorAll('path')].filter((path) => !path.closest('defs')).map((path) => {
                // The outline's own box, without the width of its line.
                const box = path.getBBox();
                const to = path.getCTM();
                const corners = [[box.x, box.y], [box.x + box.width, box.y + box.height]].map(([x, y]) => new DOMPoint(x, y).matrixTransform(to));
                const [left, right] = corners.map((corner) => corner.x * mm).sort((one, other) => one - other);
                const [top, bottom] = corners.map((corner) => corner.y * mm).sort((one, other) => one - other);
                return { left, top, right, bottom, width: right - left, height: bottom - top };
            });
        }, Printed.MM);
    }

    end() {
        rmSync(this.folder, { recursive: true });
    }
}
