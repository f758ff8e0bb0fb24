import { Line, serve } from './line.js';

/** One line for all pages of this browser. */
const line = new Line();

/** @type {any} */ (self).onconnect = ({ ports: [port] }) => {
    port.onmessage = ({ data: message }) => serve(line, message, (kind, data) => port.postMessage({ kind, data }));
};
