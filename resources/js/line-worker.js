import { Line } from './line.js';

/** One line for all pages of this browser. A page that is closed, or dies, lets go of its lock, if it may have one: then it has gone. */
const line = new Line();

/** @type {any} */ (self).onconnect = ({ ports: [port] }) => {
    const emit = (kind, data) => port.postMessage({ kind, data });
    port.onmessage = async ({ data: { what, id, args, call } }) => {
        if (what === 'join') {
            line.join(id, emit, ...args);
            if (args[0].isLocked) {
                navigator.locks.request(`nailrod-${id}`, () => line.leave(id));
            }
        } else if (what === 'order' || what === 'settled') {
            try {
                emit('reply', { call, answer: await line[what](...args) });
            } catch (error) {
                emit('reply', { call, problem: error.message });
            }
        } else {
            line[what](...args);
        }
    };
};
