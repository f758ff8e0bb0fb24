/**
 * The hand of a browser: what is moved goes out in numbered batches, one at a time; a lost reply is asked for again under
 * the same number, so nothing is lost or counted twice.
 */
const RETRY_MS = 400;
const MOST_IN_BATCH = 2000;
/** Reports that wait for a rig that does not answer; of more the oldest are of no use to anybody. */
const MOST_REPORTS = 4000;

export class Batches {
    hand = null;
    /** The last batch that was more than a sign of life. */
    full = 0;
    #line;
    #opening = null;
    #n = 0;
    #queue = [];
    #plugs = {};
    #reports = [];
    /** What a page that has gone moved last: the rig knows what of it springs back. */
    #letsGo = [];
    #pending = null;
    #busy = false;
    #asks = false;
    /** Inputs and reports of a batch; fewer once one was too long. */
    #most = MOST_IN_BATCH;
    /** How this browser left what it moved, as far as nobody else has moved it since. */
    #mine = {};
    /** What is told to a rig that has begun anew, if it knows less. */
    #found = {};

    /**
     * @param {{post: (path: string, body: any) => Promise<{status: number, answer: any}>, isOpen: () => boolean, hello: () => any, knows: (port: string) => any, refused: (problem: string) => void}} line
     *   how it is asked, whether it is open, what a new hand says of itself, how a port is, who is told of a batch that was refused
     */
    constructor(line) {
        this.#line = line;
    }

    input(t, port, value) {
        this.#mine[port] = value;
        this.#queue.push([t, port, value]);
        this.pump();
    }

    /** A device sent a report: it goes on as it is. */
    report(t, device, id, hex) {
        this.#reports = [...this.#reports.slice(1 - MOST_REPORTS), [t, device, id, hex]];
        this.pump();
    }

    plug(device, plugged) {
        this.#plugs[device] = plugged;
        this.pump();
    }

    letGo(ports) {
        this.#letsGo.push(...ports);
        this.pump();
    }

    /** It is there, though nothing has moved. */
    live() {
        this.#asks = true;
        this.pump();
    }

    /** The line has been cut: the hand goes with it. */
    gone() {
        this.hand = null;
    }

    /** The rig has begun anew: what this browser knows better is told. */
    anew() {
        this.#found = { ...this.#mine };
    }

    /** Somebody else has moved what this browser moved before. */
    shown(hands) {
        const isMine = (port) => this.#pending?.inputs.some(([, other]) => other === port) || this.#queue.some(([, other]) => other === port);
        for (const [port, value] of Object.entries(hands)) {
            if (this.#mine[port] !== value && !isMine(port)) {
                delete this.#mine[port];
            }
        }
    }

    /** Resolves when all that the hands have done until now has been answered. */
    async settled() {
        while (this.#queue.length > 0 || this.#reports.length > 0 || this.#pending !== null) {
            await new Promise((resolve) => { setTimeout(resolve, 4); });
        }

        return [this.hand, this.full];
    }

    get #isIdle() {
        return this.#queue.length === 0 && this.#reports.length === 0 && this.#letsGo.length === 0 && this.#pending === null && !this.#asks && Object.keys(this.#plugs).length === 0;
    }

    /** One batch at a time: of two under one number only the first would be taken. */
    async pump() {
        if (this.#busy || !this.#line.isOpen() || this.#isIdle) {
            return;
        }
        this.#busy = true;
        try {
            let found = [];
            if (this.hand === null) {
                this.#opening ??= this.#open();
                found = await this.#opening;
                this.#opening = null;
            }
            this.#pending ??= this.#next(found);
            const { status, answer } = await this.#line.post(`/hands/${this.hand}`, this.#pending);
            this.#answered(status, answer);
        } catch {
            this.#opening = null;
            this.#busy = false;
            if (this.#line.isOpen()) {
                setTimeout(() => this.pump(), RETRY_MS);
            }

            return;
        }
        this.#busy = false;
        this.pump();
    }

    /** The hand of this browser, which lives as long as its stream; it tells how it left what nobody has moved since. */
    async #open() {
        const { status, answer } = await this.#line.post('/hands', this.#line.hello());
        if (status !== 200) {
            throw new Error(answer.problem);
        }
        this.hand = answer.hand;
        this.#n = this.full = 0;
        const found = Object.entries(this.#found).filter(([port, value]) => this.#line.knows(port) !== value && !this.#queue.some(([, other]) => other === port));
        this.#found = {};
        this.#letsGo = [];
        this.#giveBack();

        return found;
    }

    /** What was on its way waits again. */
    #giveBack() {
        const { inputs = [], reports = [], plugs = {}, lets_go: letsGo = [] } = this.#pending ?? {};
        this.#queue = [...inputs, ...this.#queue];
        this.#reports = [...reports, ...this.#reports];
        this.#plugs = { ...plugs, ...this.#plugs };
        this.#letsGo = [...letsGo, ...this.#letsGo];
        this.#pending = null;
    }

    #next(found) {
        const batch = { n: this.#n + 1, t: Math.round((performance.timeOrigin + performance.now()) * 1000), found, inputs: this.#queue.slice(0, this.#most), plugs: this.#plugs, reports: this.#reports.slice(0, this.#most), lets_go: this.#letsGo };
        this.#asks = false;
        this.#letsGo = [];
        this.#reports = this.#reports.slice(this.#most);
        this.#queue = this.#queue.slice(this.#most);
        this.#plugs = {};

        return batch;
    }

    #answered(status, answer) {
        const { n, found, inputs, plugs, reports } = this.#pending;
        if (status === 200) {
            this.#n = n;
            this.full = found.length + inputs.length + reports.length + Object.keys(plugs).length > 0 ? n : this.full;
            this.#pending = null;
        } else if (status === 410) {
            this.hand = null;
        } else if (status === 409) {
            this.#n = answer.next - 1;
            this.#pending.n = answer.next;
        } else if (status === 413) {
            this.#most = Math.max(1, Math.floor(this.#most / 2));
            this.#giveBack();
        } else if (status === 422) {
            this.#pending = null;
            this.#line.refused(answer.problem);
        } else {
            throw new Error(answer.problem);
        }
    }
}
