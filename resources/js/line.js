/**
 * The line to the rig: one stream of events and one hand, for all pages of this browser (docs/rig-protocol.md). Timed
 * inputs go out in numbered batches, one at a time; a lost reply is asked for again under the same number, so nothing is
 * lost or counted twice. It knows nothing of pages: it runs in a shared worker, or in a page where there is none.
 */
const RETRY_MS = 400;
const MOST_IN_BATCH = 2000;
/** Reports that wait for a rig that does not answer; of more the oldest are of no use to anybody. */
const MOST_REPORTS = 4000;
/** After so many streams in a row that did not open, the token may have ended. */
const FAILED = 5;
/** Without an event for so long the stream is dead, though nobody has said so. */
const SILENT_MS = 4000;

export class Line {
    #clients = new Map();
    #at = { rig: '', token: '', page: '', name: '' };
    #stream = null;
    #eye = '';
    #hand = null;
    #opening = null;
    #n = 0;
    /** The last batch that was more than a sign of life. */
    #full = 0;
    #queue = [];
    #plugs = {};
    #reports = [];
    /** What a page that has gone moved last: the rig knows what of it springs back. */
    #letsGo = [];
    #pending = null;
    #busy = false;
    #picture = null;
    #ok = null;
    #heard = 0;
    /** Id of the event that came last: an eye that was cut off is told what it missed. */
    #last = '';
    #failed = 0;
    /** Inputs and reports of a batch; fewer once one was too long. */
    #most = MOST_IN_BATCH;
    /** How this browser left what it moved, as far as nobody else has moved it since. */
    #mine = {};
    #boot = '';
    /** What is told to a rig that has begun anew, if it knows less. */
    #found = {};

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
            emit('whole', { ...this.#picture, sheet: null, hand: this.#hand });
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
        this.#letsGo.push(...client.moved);
        this.#pump();
    }

    /** The page that moved a control last is the one that may hold it. */
    input(id, t, port, value) {
        for (const [other, { moved }] of this.#clients) {
            other === id ? moved.add(port) : moved.delete(port);
        }
        this.#mine[port] = value;
        this.#queue.push([t, port, value]);
        this.#pump();
    }

    /** A device sent a report: it goes on as it is. */
    report(t, device, id, hex) {
        this.#reports = [...this.#reports.slice(1 - MOST_REPORTS), [t, device, id, hex]];
        this.#pump();
    }

    plug(device, plugged) {
        this.#plugs[device] = plugged;
        this.#pump();
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

    /** Resolves when all that the hands have done until now has been answered. */
    async settled() {
        while (this.#queue.length > 0 || this.#reports.length > 0 || this.#pending !== null) {
            await new Promise((resolve) => { setTimeout(resolve, 4); });
        }

        return [this.#hand, this.#full];
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
        url.search = String(new URLSearchParams({ token, page, look: this.#looks(), last: this.#last }));
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
        for (const kind of ['rows', 'game', 'tape', 'sheet', 'played', 'here']) {
            on(kind, (data) => this.#tell(kind, data));
        }
        on('beat', (data) => {
            this.#tell('beat', data);
            // A sign of life, from the handler of a message: timers of a covered window sleep.
            this.#asks = true;
            this.#pump();
        });
        stream.addEventListener('error', () => this.#lost(stream));
    }

    #asks = false;

    #lost(stream) {
        if (this.#stream !== stream) {
            return;
        }
        stream.close();
        this.#stream = null;
        this.#hand = null;
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
        if (this.#stream !== null && Date.now() - this.#heard > SILENT_MS) {
            this.#lost(this.#stream);
        }
    }

    #greeted({ eye, boot }) {
        this.#failed = 0;
        if (this.#boot !== '' && boot !== this.#boot) {
            this.#found = { ...this.#mine };
        }
        this.#boot = boot;
        this.#eye = eye;
        this.#hand = null;
        this.#status(true);
        this.#look();
        this.#pump();
    }

    #see(picture) {
        if (picture.whole) {
            this.#picture = { ...picture };
        } else if (this.#picture !== null) {
            merge(this.#picture, picture);
        }
        const isMine = (port) => this.#pending?.inputs.some(([, other]) => other === port) || this.#queue.some(([, other]) => other === port);
        for (const [port, value] of picture.whole ? [] : Object.entries(picture.in?.hands ?? {})) {
            if (this.#mine[port] !== value && !isMine(port)) {
                delete this.#mine[port];
            }
        }
        this.#tell('picture', { ...picture, hand: this.#hand });
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
        if (this.#eye !== '') {
            this.order({ order: 'look', eye: this.#eye, device: this.#looks() }).catch(() => {});
        }
    }

    /** The hand of this browser, which lives as long as its stream; it tells how it left what nobody has moved since. */
    async #open() {
        const { status, answer } = await this.#post('/hands', { name: this.#at.name, kind: 'page', eye: this.#eye });
        if (status !== 200) {
            throw new Error(answer.problem);
        }
        this.#hand = answer.hand;
        this.#n = this.#full = 0;
        const found = Object.entries(this.#found).filter(([port, value]) => this.#picture?.hands?.[port] !== value && !this.#queue.some(([, other]) => other === port));
        this.#found = {};
        const waiting = this.#pending?.inputs ?? [];
        this.#queue = [...waiting, ...this.#queue];
        this.#plugs = { ...this.#pending?.plugs, ...this.#plugs };
        this.#reports = [...this.#pending?.reports ?? [], ...this.#reports];
        this.#letsGo = [];
        this.#pending = null;

        return found;
    }

    /** One batch at a time: of two under one number only the first would be taken. */
    async #pump() {
        if (this.#busy || this.#eye === '' || (this.#queue.length === 0 && this.#reports.length === 0 && this.#letsGo.length === 0 && this.#pending === null && !this.#asks && Object.keys(this.#plugs).length === 0)) {
            return;
        }
        this.#busy = true;
        try {
            let found = [];
            if (this.#hand === null) {
                this.#opening ??= this.#open();
                found = await this.#opening;
                this.#opening = null;
            }
            if (this.#pending === null) {
                this.#asks = false;
                this.#pending = { n: this.#n + 1, t: Math.round((performance.timeOrigin + performance.now()) * 1000), found, inputs: this.#queue.slice(0, this.#most), plugs: this.#plugs, reports: this.#reports.slice(0, this.#most), lets_go: this.#letsGo };
                this.#letsGo = [];
                this.#reports = this.#reports.slice(this.#most);
                this.#queue = this.#queue.slice(this.#most);
                this.#plugs = {};
            }
            const { status, answer } = await this.#post(`/hands/${this.#hand}`, this.#pending);
            if (status === 200) {
                const { n, found: told, inputs, plugs, reports } = this.#pending;
                this.#n = n;
                this.#full = told.length + inputs.length + reports.length + Object.keys(plugs).length > 0 ? n : this.#full;
                this.#pending = null;
            } else if (status === 410) {
                this.#hand = null;
            } else if (status === 409) {
                this.#n = answer.next - 1;
                this.#pending.n = answer.next;
            } else if (status === 413) {
                const { inputs, reports, plugs, lets_go: letsGo } = this.#pending;
                this.#most = Math.max(1, Math.floor(this.#most / 2));
                this.#queue = [...inputs, ...this.#queue];
                this.#reports = [...reports, ...this.#reports];
                this.#plugs = { ...plugs, ...this.#plugs };
                this.#letsGo = [...letsGo, ...this.#letsGo];
                this.#pending = null;
            } else if (status === 422) {
                this.#pending = null;
                this.#tell('tape', [{ t: this.#picture?.now ?? 0, about: '', parts: [answer.problem], ends: false, keys: [], problem: true }]);
            } else {
                throw new Error(answer.problem);
            }
        } catch {
            this.#opening = null;
            this.#busy = false;
            if (this.#eye !== '') {
                setTimeout(() => this.#pump(), RETRY_MS);
            }

            return;
        }
        this.#busy = false;
        this.#pump();
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
