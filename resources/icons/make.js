// Writes core/Rig/Panel/IconList.php: the icons that tiles can have, drawn by an open set of icons.
//
//   node resources/icons/make.js            write it
//   node resources/icons/make.js --check    is it as it would be written?
import { readFileSync, writeFileSync } from 'node:fs';

const file = 'core/Rig/Panel/IconList.php';
const nodes = JSON.parse(readFileSync('node_modules/lucide-static/icon-nodes.json', 'utf8'));
const lines = readFileSync('resources/icons/icons.txt', 'utf8').split('\n').filter((line) => line !== '' && !line.startsWith('#'));
const icons = {};
for (const line of lines) {
    const [name, label, words] = line.split('|').map((part) => part.trim());
    if (!nodes[name]) {
        throw new Error(`resources/icons/icons.txt: the set has no ${name}.`);
    }
    icons[name] = { label, words, draws: nodes[name].map(([shape, { key, ...rest }]) => [shape, rest]) };
}
const quoted = (value) => `'${String(value).replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`;
const draws = (all) => all.map(([shape, attributes]) => `[${quoted(shape)}, [${Object.entries(attributes).map(([name, value]) => `${quoted(name)} => ${quoted(value)}`).join(', ')}]]`).join(', ');
const text = `<?php

declare(strict_types=1);

namespace Nailrod\\Core\\Rig\\Panel;

/** Written by resources/icons/make.js from resources/icons/icons.txt; drawn by Lucide (ISC licence), on a square of 24. */
final class IconList
{
    /** By name: what an icon is called, words by which it is found, and its shapes in SVG, each with its attributes. */
    public const ALL = [
${Object.entries(icons).map(([name, icon]) => `        ${quoted(name)} => [${quoted(icon.label)}, ${quoted(icon.words)}, [${draws(icon.draws)}]],`).join('\n')}
    ];
}
`;
if (process.argv.includes('--check')) {
    if (readFileSync(file, 'utf8') !== text) {
        console.error(`${file} is old: run node resources/icons/make.js.`);
        process.exit(1);
    }
} else {
    writeFileSync(file, text);
}
