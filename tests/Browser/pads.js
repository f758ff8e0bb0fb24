/** Stands for the controllers of the browser: `navigator.getGamepads` gives what the test plugs in. */
export async function simulate(page) {
    await page.addInitScript(() => {
        const slots = JSON.parse(sessionStorage.getItem('test.pads') ?? '[]');
        const keep = () => sessionStorage.setItem('test.pads', JSON.stringify(slots));
        const fire = (name) => window.dispatchEvent(new Event(name));
        navigator.getGamepads = () => slots.map((pad) => pad && { ...pad, axes: [...pad.axes], buttons: pad.buttons.map((value) => ({ pressed: value > 0.5, value })) });
        window.plugPad = (index, axes, id = 'Bistort Pad (Vendor: 1209 Product: 0001)', mapping = 'standard') => {
            slots[index] = { index, id, mapping, connected: true, axes, buttons: Array(17).fill(0) };
            keep();
            fire('gamepadconnected');
        };
        window.unplugPad = (index) => { slots[index] = null; keep(); fire('gamepaddisconnected'); };
        window.setPad = (index, change) => { Object.assign(slots[index], change(slots[index])); keep(); };
    });
}

/** A button of a pad in a slot, from 0 to 1. */
export const press = (page, slot, button, value) => page.evaluate(([i, b, v]) => window.setPad(i, (pad) => ({ buttons: pad.buttons.map((old, n) => (n === b ? v : old)) })), [slot, button, value]);
/** An axis of a pad in a slot, from -1 to 1. */
export const move = (page, slot, axis, value) => page.evaluate(([i, a, v]) => window.setPad(i, (pad) => ({ axes: pad.axes.map((old, n) => (n === a ? v : old)) })), [slot, axis, value]);
export const plug = (page, slot, rest) => page.evaluate(([i, r]) => window.plugPad(i, [r, 0, 0, -r]), [slot, rest]);
