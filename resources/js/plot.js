/** Where a place lies on the picture, in its units: the picture may show a part of the whole. */
export function frame(svg) {
    const { left, top, width, height } = Object.fromEntries(['left', 'top', 'width', 'height'].map((name) => [name, Number(svg.dataset[name])]));
    const [[x0, x1], [y0, y1]] = [JSON.parse(svg.dataset.across), JSON.parse(svg.dataset.up)];

    return {
        left, top, width, height,
        x: (travel) => left + (width * (travel - x0)) / (x1 - x0),
        y: (value) => top + height * (1 - (value - y0) / (y1 - y0)),
        travel: (x) => x0 + ((x1 - x0) * (x - left)) / width,
        value: (y) => y0 + (y1 - y0) * (1 - (y - top) / height),
        shows: (travel) => travel >= x0 && travel <= x1,
    };
}
