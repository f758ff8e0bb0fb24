import { Batches } from './batches.js';
import { merge } from './merge.js';

/**
 * The line to the rig: one stream of events and one hand, for all pages of this browser (docs/rig-protocol.md). It knows
 * nothing of pages: it runs in a shared worker, or in a page where there is none.
 */
const RETRY_MS = 400;
/** After so many streams in a row that did not open, the token may have ended. */
const FAILED = 5;
/** Without an event for so long the stream is dead, though nobody has said so. */
const SILENT_MS = 4000;
/** A stream that has not opened yet is waited for: the rig may sleep, and each further attempt would stand in its way when it wakes. */
const OPENING_MS = 60_000;

export class Line {
    #clients = new Map();
    #at = { rig: '', token: '', page: '', name: '' };
    #stream = null;
    #eye = '';
    /** Devices whose sheets the rig was told that the pages look at. */
    #looked = '';
    #picture = null;
    #ok = null;
    #heard = 0;
    /** Id of the event that came last: an eye that was cut off is told what it missed. */
    #last = '';
    #failed = 0;
    #boot = '';
    #batches = new Batches({
        post: (path, body) => this.#post(path, body),
        isOpen: () => this.#eye !== '',
        hello: () => ({ name: this.#at.name, kind: 'page', eye: this.#eye }),
        knows: (port) => this.#picture?.hands?.[port],
        refused: (problem) => this.#tell('tape', [{ t: this.#picture?.now ?? 0, about: '', parts: [problem], ends: false, keys: [], problem: true }]),
    });

    constructor() {
        setInterval(() => this.#watch(), 1000);
    }

    /** A page opens: it says where the rig is, and is told all that is known. */
    join(id, emit, { rig, token, page, name, look }) {
        this.#clients.set(id, { emit, look, moved: new Set() });
        this.#at = { rig, token, page, name };
        if (this.#stream === null) {
            this.#connect();
        } else {
            this.#look();
        }
        if (this.#picture !== null) {
            emit('whole', { ...this.#picture, sheet: null, hand: this.#batches.hand });
        }
        if (this.#ok !== null) {
            emit('status', { ok: this.#ok });
        }
    }

    /** A page has gone: what it still held goes back. */
    leave(id) {
        const client = this.#clients.get(id);
        if (!client) {
            return;
        }
        this.#clients.delete(id);
        this.#batches.letGo(client.moved);
    }

    /** The page that moved a control last is the one that may hold it. */
    input(id, t, port, value) {
        for (const [other, { moved }] of this.#clients) {
            other === id ? moved.add(port) : moved.delete(port);
        }
        this.#batches.input(t, port, value);
    }

    report(...report) {
        this.#batches.report(...report);
    }

    plug(device, plugged) {
        this.#batches.plug(device, plugged);
    }

    /** The page looks at another sheet, or shows another set. */
    turn(id, { look, page, token }) {
        const client = this.#clients.get(id);
        if (client) {
            client.look = look;
        }
        this.#at = { ...this.#at, page, token };
        this.#look();
    }

    settled() {
        return this.#batches.settled();
    }

    async order(body) {
        const { status, answer } = await this.#post('/orders', body);
        if (status >= 400) {
            throw new Error(answer.problem ?? `The rig answered ${status}.`);
        }

        return answer;
    }

    #connect() {
        const { rig, token, page } = this.#at;
        const url = new URL('/events', rig);
        this.#looked = this.#looks();
        url.search = String(new URLSearchParams({ token, page, look: this.#looked, last: this.#last }));
        const stream = new EventSource(url);
        this.#stream = stream;
        this.#heard = Date.now();
        const on = (kind, take) => stream.addEventListener(kind, (event) => {
            const { data, lastEventId } = /** @type {MessageEvent} */ (event);
            this.#heard = Date.now();
            this.#last = lastEventId || this.#last;
            take(JSON.parse(data));
        });
        on('hello', (data) => this.#greeted(data));
        on('picture', (data) => this.#see(data));
        for (const kind of ['rows', 'game', 'tape', 'sheet', 'played', 'said', 'here']) {
            on(kind, (data) => this.#tell(kind, data));
        }
        on('beat', (data) => {
            this.#tell('beat', data);
            // A sign of life, from the handler of a message: timers of a covered window sleep.
            this.#batches.live();
        });
        stream.addEventListener('error', () => this.#lost(stream));
    }

    #lost(stream) {
        if (this.#stream !== stream) {
            return;
        }
        stream.close();
        this.#stream = null;
        this.#batches.gone();
        this.#eye = '';
        this.#status(false);
        this.#failed += 1;
        if (this.#failed % FAILED === 0) {
            this.#tell('stale', {});
        }
        setTimeout(() => {
            if (this.#stream === null && this.#clients.size > 0) {
                this.#connect();
            }
        }, RETRY_MS);
    }

    #watch() {
        const silent = Date.now() - this.#heard;
        if (this.#stream === null || silent <= SILENT_MS) {
            return;
        }
        if (this.#eye !== '' || silent > OPENING_MS) {
            this.#lost(this.#stream);
        } else {
            this.#status(false);
        }
    }

    #greeted({ eye, boot }) {
        this.#failed = 0;
        if (this.#boot !== '' && boot !== this.#boot) {
            this.#batches.anew();
        }
        this.#boot = boot;
        this.#eye = eye;
        this.#batches.gone();
        this.#status(true);
        this.#look();
        this.#batches.pump();
    }

    #see(picture) {
        if (picture.whole) {
            this.#picture = { ...picture };
        } else if (this.#picture !== null) {
            merge(this.#picture, picture);
        }
        if (!picture.whole) {
            this.#batches.shown(picture.in?.hands ?? {});
        }
        this.#tell('picture', { ...picture, hand: this.#batches.hand });
    }

    #tell(kind, data) {
        for (const { emit } of this.#clients.values()) {
            emit(kind, data);
        }
    }

    #status(ok) {
        if (this.#ok !== ok) {
            this.#ok = ok;
            this.#tell('status', { ok });
        }
    }

    #looks() {
        return [...new Set([...this.#clients.values()].map(({ look }) => look).filter(Boolean))].join(',');
    }

    #look() {
        if (this.#eye !== '' && this.#looks() !== this.#looked) {
            this.#looked = this.#looks();
            this.order({ order: 'look', eye: this.#eye, device: this.#looked }).catch(() => {});
        }
    }

    async #post(path, body) {
        const response = await fetch(new URL(path, this.#at.rig), { method: 'POST', headers: { Authorization: `Bearer ${this.#at.token}`, 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
        const answer = response.status === 204 ? {} : await response.json();
        if (response.status === 401) {
            this.#tell('stale', {});
        }

        return { status: response.status, answer };
    }
}

/** What of it is answered. */
export const hasAnswer = (what) => what === 'order' || what === 'settled';

/**
 * What a page tells a line is done; `emit` is how it is told back. A page that is closed, or dies, lets go of its lock, if
 * it may have one: then it has gone.
 */
export async function serve(line, { what, args, call }, emit) {
    if (what === 'join') {
        const [id, where] = args;
        line.join(id, emit, where);
        if (where.isLocked) {
            navigator.locks.request(`nailrod-${id}`, () => line.leave(id));
        }
    } else if (hasAnswer(what)) {
        try {
            emit('reply', { call, answer: await line[what](...args) });
        } catch (error) {
            emit('reply', { call, problem: error.message });
        }
    } else {
        line[what](...args);
    }
}
