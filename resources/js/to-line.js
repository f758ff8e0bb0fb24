import { hasAnswer, Line, serve } from './line.js';

/**
 * The way of a page to the one line of its browser: in a shared worker; where there is none, in one of the pages, which
 * the browser elects by a lock, and the others talk to it over a channel; where there is no lock either, as on a phone
 * that reaches this machine by its name, each page has a line of its own.
 *
 * @param {string} rig address of the rig
 * @param {(kind: string, data: any) => void} hear what the line tells this page
 * @returns {(what: string, ...args: any[]) => any} what this page tells the line; what has an answer gives a promise
 */
export function toLine(rig, hear) {
    if (typeof SharedWorker !== 'undefined') {
        return shared(rig, hear);
    }

    return navigator.locks && typeof BroadcastChannel !== 'undefined' ? elected(rig, hear) : own(hear);
}

/** Also where a page may not ask for a real one. */
export const unique = () => `${Math.random().toString(36).slice(2)}${performance.now().toString(36)}`;

/** Calls that wait for their answer. */
function calls(send, hear) {
    const waiting = new Map();

    return {
        call(what, ...args) {
            if (!hasAnswer(what)) {
                send({ what, args });

                return null;
            }
            const call = unique();

            return new Promise((resolve, reject) => {
                waiting.set(call, { what, args, resolve, reject });
                send({ what, args, call });
            });
        },
        hear(kind, data) {
            if (kind !== 'reply') {
                hear(kind, data);

                return;
            }
            const { resolve, reject } = waiting.get(data.call) ?? {};
            waiting.delete(data.call);
            data.problem === undefined ? resolve?.(data.answer) : reject?.(new Error(data.problem));
        },
        /** Whoever was to answer has gone: asked once more. */
        again() {
            for (const [call, { what, args }] of waiting) {
                send({ what, args, call });
            }
        },
    };
}

function shared(rig, hear) {
    const worker = new SharedWorker(new URL('./line-worker.js', import.meta.url), { type: 'module', name: `nailrod ${rig}` });
    const talk = calls((message) => worker.port.postMessage(message), hear);
    worker.port.onmessage = ({ data: { kind, data } }) => talk.hear(kind, data);

    return talk.call;
}

function own(hear) {
    const line = new Line();
    const talk = calls((message) => serve(line, message, (kind, data) => talk.hear(kind, data)), hear);

    return talk.call;
}

function elected(rig, hear) {
    const channel = new BroadcastChannel(`nailrod ${rig}`);
    const me = unique();
    let line = null;
    let joined = null;
    const send = (message) => (line === null ? channel.postMessage({ from: me, ...message }) : serve(line, message, (kind, data) => talk.hear(kind, data)));
    const talk = calls(send, hear);
    const join = () => joined && send({ what: 'join', args: joined });
    channel.onmessage = ({ data: { from, to, kind, data, ...message } }) => {
        if (to === me) {
            talk.hear(kind, data);
        } else if (kind === 'elected') {
            join();
            talk.again();
        } else if (line !== null && from !== undefined) {
            serve(line, message, (told, what) => channel.postMessage({ to: from, kind: told, data: what }));
        }
    };
    navigator.locks.request(`nailrod-line ${rig}`, () => {
        line = new Line();
        join();
        talk.again();
        channel.postMessage({ kind: 'elected' });

        return new Promise(() => {});
    }).catch(() => {});

    return (what, ...args) => {
        joined = what === 'join' ? args : joined;

        return what === 'join' && line === null ? send({ what, args }) : talk.call(what, ...args);
    };
}
