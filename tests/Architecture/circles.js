// Scripts that import each other in a circle, however far around; run by `bin/test static`.
import { readdirSync, readFileSync } from 'node:fs';

const folder = new URL('../../resources/js/', import.meta.url);
const imports = Object.fromEntries(readdirSync(folder).filter((name) => name.endsWith('.js')).map((name) => [
    name,
    [...readFileSync(new URL(name, folder), 'utf8').matchAll(/^(?:import|export)[^'"]*['"]\.\/([\w-]+\.js)['"]/gm)].map(([, other]) => other),
]));
const around = (name, to, seen = new Set()) => (imports[name] ?? []).some((other) => other === to || (!seen.has(other) && seen.add(other) && around(other, to, seen)));
const circles = Object.keys(imports).filter((name) => around(name, name));
console.log(circles.length === 0 ? `${Object.keys(imports).length} scripts, none in a circle.` : `These import each other in a circle: ${circles.join(', ')}.`);
process.exit(circles.length === 0 ? 0 : 1);
