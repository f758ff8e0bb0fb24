import qrcode from 'qrcode-generator';

/** Draws the text of an element as a QR code (ISO/IEC 18004), with the quiet zone that it needs around it. */
const QUIET = 4;

export function draw(svg) {
    const code = qrcode(0, 'M');
    code.addData(svg.dataset.qr);
    code.make();
    const size = code.getModuleCount();
    const cells = [...Array(size * size).keys()].filter((i) => code.isDark(Math.floor(i / size), i % size));
    svg.setAttribute('viewBox', `${-QUIET} ${-QUIET} ${size + 2 * QUIET} ${size + 2 * QUIET}`);
    svg.querySelector('path').setAttribute('d', cells.map((i) => `M${i % size} ${Math.floor(i / size)}h1v1h-1z`).join(''));
}
