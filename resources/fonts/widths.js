// Writes core/Print/widths.json: how wide each letter of the condensed font is, in thousandths of its size, as a browser draws
// it. What is printed is laid out by it. `--check` only says whether the file is as this would write it.
import { readFileSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const root = new URL('../../', import.meta.url);
const file = new URL('core/Print/widths.json', root);
/** What the font has, as its style sheet says (`unicode-range`), without what has no width. */
const RANGES = [[0x20, 0x7e], [0xa0, 0xff], [0x131, 0x131], [0x152, 0x153], [0x2013, 0x2014], [0x2018, 0x201a], [0x201c, 0x201e], [0x2020, 0x2022], [0x2026, 0x2026], [0x2030, 0x2030], [0x2039, 0x203a], [0x20ac, 0x20ac], [0x2122, 0x2122], [0x2191, 0x2191], [0x2193, 0x2193], [0x2212, 0x2212]];
const letters = RANGES.flatMap(([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)));
const fonts = Object.fromEntries([400, 600].map((weight) => [weight, readFileSync(new URL(`node_modules/@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-${weight}-normal.woff2`, root)).toString('base64')]));

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const widths = await (await browser.newPage()).evaluate(async ({ fonts, letters }) => {
    const drawing = document.createElement('canvas').getContext('2d');
    const found = {};
    for (const [weight, font] of Object.entries(fonts)) {
        document.fonts.add(await new FontFace('Condensed', `url(data:font/woff2;base64,${font})`, { weight }).load());
        drawing.font = `${weight} 1000px Condensed`;
        found[weight] = Object.fromEntries(letters.map((letter) => [letter, Math.round(drawing.measureText(letter).width)]));
    }
    return found;
}, { fonts, letters });
await browser.close();

const content = `${JSON.stringify(widths)}\n`;
if (!process.argv.includes('--check')) writeFileSync(file, content);
else if (readFileSync(file, 'utf8') !== content) {
    console.error('core/Print/widths.json is not what the font has: node resources/fonts/widths.js writes it anew.');
    process.exit(1);
}
