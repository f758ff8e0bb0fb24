/** A canvas as sharp as the screen, in CSS pixels. */
export function sharp(canvas) {
    const { width, height } = canvas.getBoundingClientRect();
    const scale = window.devicePixelRatio || 1;
    if (canvas.width !== Math.round(width * scale) || canvas.height !== Math.round(height * scale)) {
        canvas.width = Math.round(width * scale);
        canvas.height = Math.round(height * scale);
    }
    const context = canvas.getContext('2d');
    context.setTransform(scale, 0, 0, scale, 0, 0);
    context.clearRect(0, 0, width, height);

    return { context, width, height };
}

let colours = null;
/** The colours of the theme that is on. */
export function theme() {
    if (!colours) {
        const style = getComputedStyle(document.documentElement);
        const names = ['ink', 'soft', 'rule', 'paper', 'sheet', 'did', 'sent', 'game', 'layer-0', 'layer-1', 'layer-2', 'layer-3', 'layer-4', 'layer-5', 'layer-6', 'layer-7', 'on-layer'];
        colours = Object.fromEntries(names.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]));
    }

    return colours;
}
document.addEventListener('theme:turned', () => { colours = null; });
window.matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => { colours = null; });

const FRAME_MS = 45;
/** Draws some twenty times a second while something in view still moves; drawing never holds an answer up. */
export function drawWhile(isMoving, draw) {
    let drawn = 0;
    const loop = (time) => {
        if (time - drawn >= FRAME_MS && isMoving()) {
            drawn = time;
            draw();
        }
        requestAnimationFrame(loop);
    };
    requestAnimationFrame(loop);
}
