// Writes core/Exchange/Print/widths.json: how wide each letter of the condensed font is, in thousandths of its size, as the font itself
// says it. What is printed is laid out by it. What the font does not have is not there: that it lacks a letter is said where one
// is printed. `--check` only says whether the file is as this would write it.
import { readFileSync, writeFileSync } from 'node:fs';
import opentype from 'opentype.js';

const root = new URL('../../', import.meta.url);
const file = new URL('core/Exchange/Print/widths.json', root);
/** What its style sheet shows with it (`unicode-range`), without the hyphen that is not drawn. */
const RANGES = [[0x20, 0x7e], [0xa0, 0xac], [0xae, 0xff], [0x131, 0x131], [0x152, 0x153], [0x2013, 0x2014], [0x2018, 0x201a], [0x201c, 0x201e], [0x2020, 0x2022], [0x2026, 0x2026], [0x2030, 0x2030], [0x2039, 0x203a], [0x20ac, 0x20ac], [0x2122, 0x2122], [0x2191, 0x2191], [0x2193, 0x2193], [0x2212, 0x2212]];
const letters = RANGES.flatMap(([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)));
const widths = Object.fromEntries([400, 600].map((weight) => {
    const read = readFileSync(new URL(`node_modules/@fontsource/ibm-plex-sans-condensed/files/ibm-plex-sans-condensed-latin-${weight}-normal.woff`, root));
    const font = opentype.parse(read.buffer.slice(read.byteOffset, read.byteOffset + read.byteLength));
    const had = letters.filter((letter) => font.charToGlyphIndex(letter) !== 0);

    return [weight, Object.fromEntries(had.map((letter) => [letter, Math.round(font.charToGlyph(letter).advanceWidth * 1000 / font.unitsPerEm)]))];
}));

const content = `${JSON.stringify(widths)}\n`;
if (!process.argv.includes('--check')) writeFileSync(file, content);
else if (readFileSync(file, 'utf8') !== content) {
    console.error('core/Exchange/Print/widths.json is not what the font has: node resources/fonts/widths.js writes it anew.');
    process.exit(1);
}
