import { again } from './edits.js';
import { live } from './live.js';
import { news } from './notices.js';

/**
 * Devices that the browser lets this page open (WebHID). Their reports go to the rig as they are, from the handler of the
 * event, so that they go on while the window is covered and its timers sleep. What the bytes mean is said by the server.
 */
const { hid } = /** @type {any} */ (navigator);
const open = new Map();
/** Of several windows one feeds: a tick that two told would count twice. */
let feeds = !navigator.locks;
navigator.locks?.request('nailrod-hid', () => {
    feeds = true;

    return new Promise(() => {});
}).catch(() => {});

const digits = (data) => Array.from(new Uint8Array(data.buffer, data.byteOffset, data.byteLength), (byte) => byte.toString(16).padStart(2, '0')).join('');

/** What of it is told: its input reports, without what a browser adds for other purposes. */
const told = (collections) => collections.map(({ usagePage, usage, type, inputReports, children }) => ({
    usagePage, usage, type,
    inputReports: (inputReports ?? []).map(({ reportId, items }) => ({
        reportId,
        items: items.map(({ isAbsolute, isArray, isConstant, isRange, hasNull, usages, usageMinimum, usageMaximum, logicalMinimum, logicalMaximum, reportSize, reportCount }) => (
            { isAbsolute, isArray, isConstant, isRange, hasNull, ...(isRange ? { usageMinimum, usageMaximum } : { usages }), logicalMinimum, logicalMaximum, reportSize, reportCount })),
    })),
    children: told(children ?? []),
}));

async function begin(device) {
    if (open.has(device)) {
        return;
    }
    open.set(device, null);
    try {
        if (!device.opened) {
            await device.open();
        }
        const { device: id, added, said } = await live.post('/hid', { set: live.set, name: (device.productName || 'Device').slice(0, 60), collections: told(device.collections) });
        open.set(device, id);
        device.addEventListener('inputreport', ({ reportId, data }) => feeds && live.report(id, reportId, digits(data)));
        live.plug(id, true);
        if (added) {
            await again();
        }
        news(said);
    } catch (error) {
        open.delete(device);
        news(`${device.productName || 'The device'} could not be opened: ${error.message}`, true);
    }
}

function show() {
    const button = document.getElementById('open-hid');
    if (button) {
        button.hidden = !hid;
    }
}

if (hid) {
    hid.addEventListener('connect', ({ device }) => begin(device));
    hid.addEventListener('disconnect', ({ device }) => {
        const id = open.get(device);
        open.delete(device);
        if (id) {
            live.plug(id, false);
            news(`${device.productName} is gone. Its contacts are open, its axes stay where they were.`);
        }
    });
    document.addEventListener('live:answer', async () => (await hid.getDevices()).forEach(begin), { once: true });
    document.addEventListener('click', async (event) => {
        if (event.target.closest?.('#open-hid')) {
            (await hid.requestDevice({ filters: [] }).catch(() => [])).forEach(begin);
        }
    });
}
document.addEventListener('page:changed', show);
show();
