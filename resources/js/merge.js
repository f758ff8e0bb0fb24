/** Lays what changed over a picture: whole parts, and under `in` entries of parts, null for one that is gone. */
export function merge(picture, { in: entries = {}, ...parts }) {
    Object.assign(picture, parts);
    for (const [name, part] of Object.entries(entries)) {
        picture[name] = { ...picture[name] };
        for (const [key, value] of Object.entries(part)) {
            if (value === null) {
                delete picture[name][key];
            } else {
                picture[name][key] = value;
            }
        }
    }
}
