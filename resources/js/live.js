/**
 * The live loop: timed inputs go to the server in numbered batches, one at a time; outputs, causes and the picture of
 * everything come back. A lost reply is asked for again under the same number, so nothing is lost or counted twice.
 *
 * Events on `document`: live:input {port, value, t}, live:answer (the answer), live:status {ok}.
 */
const KEY = 'nailrod.live';
const TICK_MS = 40;
const RETRY_MS = 700;
/** What is due sooner is asked for together: a mouse that moves has something due every 8 ms. */
const LEAST_MS = 15;
const MOST_LATENCIES = 400;
const MOST_IN_BATCH = 4000;

class Live {
    /** A page that was just left may still have a batch on its way: this tells its batches from ours. */
    #page = Math.random().toString(36).slice(2);
    id = null;
    n = 0;
    epoch = 0;
    last = 0;
    picture = null;
    hands = {};
    latencies = [];
    #queue = [];
    #plugs = {};
    #pending = null;
    #busy = false;
    #timer = null;
    #felt = null;
    #asked = false;

    get set() {
        return document.body.dataset.set;
    }

    now() {
        if (this.picture === null) {
            return this.last;
        }
        this.last = Math.max(this.last, Math.round((performance.timeOrigin + performance.now() - this.epoch) * 1000));

        return this.last;
    }

    async start() {
        if (!this.set) {
            return;
        }
        const saved = this.#saved();
        try {
            await (saved ? this.#resume(saved) : this.#open());
            this.#status(true);
        } catch {
            this.#status(false);
            setTimeout(() => this.start(), RETRY_MS);

            return;
        }
        this.#next();
    }

    /** Resolves when all that the hands have done until now has been answered. */
    async settled() {
        const last = this.n + Number(this.#pending !== null) + Number(this.#queue.length > 0);
        while (this.n < last) {
            await new Promise((resolve) => { setTimeout(resolve, 5); });
        }
    }

    /** A hand moved a control: it reports like a device. */
    input(port, value) {
        const t = this.now();
        this.hands[port] = value;
        this.#queue.push([t, port, value]);
        this.#felt ??= performance.now();
        document.dispatchEvent(new CustomEvent('live:input', { detail: { port, value, t } }));
        this.#kick();
    }

    plug(device, plugged) {
        this.#plugs[device] = plugged;
        this.#kick();
    }

    /** Asks for the present picture, though no hand has moved. */
    ask() {
        this.#asked = true;
        this.#kick();
    }

    /** A macro is tried without a control. */
    async tryMacro(macro) {
        await this.settled();
        try {
            this.#take(await this.order('macro', { macro, set: this.set, to: this.now() }));
        } catch {
            // The loop finds out why, and opens a new session if this one has ended.
        }
        this.ask();
    }

    /** The bench is left: whatever is still down is let go of, also if the page is only closed. */
    leave() {
        if (this.id !== null) {
            navigator.sendBeacon(`/live/${this.id}/leave`, new Blob(['{}'], { type: 'application/json' }));
        }
    }

    /** Begins, carries on or ends a part of the survey of the rig. */
    async survey(what, ref = '') {
        await this.settled();
        const answer = await this.order('survey', { what, ref, set: this.set, to: this.now(), look: document.querySelector('[data-look]')?.dataset.look ?? '' });
        Object.assign(this.picture, answer);
        document.dispatchEvent(new CustomEvent('live:survey', { detail: this.picture }));
        this.ask();

        return answer;
    }

    /** Something else that is asked of the server for this session, or under an address of its own. */
    order(what, body) {
        return this.#post(what.startsWith('/') ? what : `/live/${this.id}/${what}`, body);
    }

    #saved() {
        try {
            return JSON.parse(sessionStorage.getItem(KEY));
        } catch {
            return null;
        }
    }

    async #open() {
        this.epoch = performance.timeOrigin + performance.now();
        this.last = 0;
        const answer = await this.#post('/live', { set: this.set });
        this.id = answer.id;
        sessionStorage.setItem(KEY, JSON.stringify({ id: this.id, epoch: this.epoch }));
        this.#take(answer);
    }

    async #resume(saved) {
        this.id = saved.id;
        this.epoch = saved.epoch;
        try {
            this.#take(await this.#post(`/live/${this.id}/resume`, { set: this.set }));
        } catch (error) {
            if (error.status !== 410) {
                throw error;
            }
            await this.#reopen();

            return;
        }
        this.#letGo();
    }

    /** What no hand can still hold on a page that was just opened springs back: buttons, hats, sticks. */
    #letGo() {
        for (const [port, value] of Object.entries(this.hands)) {
            const name = CSS.escape(port);
            const axis = document.querySelector(`[data-springs][data-axis="${name}"]`);
            if (axis && value !== Number(axis.dataset.rest)) {
                this.input(port, Number(axis.dataset.rest));
            } else if (value === 1 && document.querySelector(`[data-press~="${name}"]`)) {
                this.input(port, 0);
            } else if (value >= 0 && document.querySelector(`[data-hat="${name}"]`)) {
                this.input(port, -1);
            }
        }
    }

    /** The session has ended on the server: a new one is told how the hands are, then goes on. */
    async #reopen() {
        const hands = { ...this.hands };
        await this.#open();
        const waiting = [...(this.#pending?.inputs ?? []), ...this.#queue];
        this.#plugs = { ...this.#pending?.plugs, ...this.#plugs };
        this.#pending = null;
        this.hands = { ...this.hands, ...hands, ...Object.fromEntries(waiting.map(([, port, value]) => [port, value])) };
        this.#queue = [...Object.entries(hands), ...waiting.map(([, port, value]) => [port, value])].map(([port, value]) => [this.now(), port, value]);
    }

    #kick() {
        if (this.picture !== null) {
            this.#pump();
        }
    }

    /** One batch at a time: of two under one number only the first would be taken. */
    async #pump() {
        if (this.#busy) {
            return;
        }
        this.#busy = true;
        clearTimeout(this.#timer);
        const felt = this.#pending ? null : this.#felt;
        if (!this.#pending) {
            this.#felt = null;
            this.#asked = false;
            const inputs = this.#queue.slice(0, MOST_IN_BATCH);
            this.#queue = this.#queue.slice(MOST_IN_BATCH);
            const to = this.#queue.length > 0 ? inputs.at(-1)[0] : this.now();
            this.#pending = { n: this.n + 1, page: this.#page, to, set: this.set, inputs, plugs: this.#plugs, look: document.querySelector('[data-look]')?.dataset.look ?? '' };
            this.#plugs = {};
        }
        try {
            const answer = await this.#post(`/live/${this.id}`, this.#pending);
            const sent = this.#pending;
            this.#pending = null;
            this.#take(answer);
            this.#status(true);
            if (answer.untaken) {
                // Time has gone on meanwhile: what was sent comes after it, or it would be refused.
                this.#queue = [...sent.inputs.map(([t, port, value]) => [Math.max(t, this.picture.now), port, value]), ...this.#queue];
                this.#plugs = { ...sent.plugs, ...this.#plugs };
            }
            if (felt !== null) {
                requestAnimationFrame(() => this.#felted(felt));
            }
        } catch (error) {
            if (await this.#mend(error)) {
                this.#busy = false;
                this.#timer = setTimeout(() => this.#pump(), RETRY_MS);

                return;
            }
        }
        this.#busy = false;
        this.#next();
    }

    /** @returns {Promise<boolean>} is the batch to be sent again later? */
    async #mend(error) {
        try {
            if (error.status === 410) {
                await this.#reopen();

                return false;
            }
        } catch {
            // It is tried again below.
        }
        if (error.status === 422) {
            this.#pending = null;
            document.dispatchEvent(new CustomEvent('live:answer', { detail: { ...this.picture, lines: [], sent: [], game: [], problems: [error.message] } }));

            return false;
        }
        this.#status(false);

        return true;
    }

    #next() {
        if (this.#asked || this.#queue.length > 0 || Object.keys(this.#plugs).length > 0) {
            this.#pump();

            return;
        }
        const { due, moving } = this.picture;
        if (due === null && !moving) {
            return;
        }
        const wait = due === null ? TICK_MS : Math.max(LEAST_MS, (due - this.now()) / 1000 + 1);
        this.#timer = setTimeout(() => this.#kick(), moving ? Math.min(TICK_MS, wait) : wait);
    }

    #take(answer) {
        this.n = answer.n;
        this.last = Math.max(this.last, answer.now);
        this.#queue = this.#queue.map(([t, port, value]) => [Math.max(t, answer.now), port, value]);
        if (this.picture === null || this.picture.id !== answer.id) {
            for (const [ref, axis] of Object.entries(answer.axes)) {
                this.hands[ref] = axis.reading;
            }
        }
        if (this.picture === null) {
            Object.assign(this.hands, answer.hands);
        }
        this.picture = answer;
        document.dispatchEvent(new CustomEvent('live:answer', { detail: answer }));
    }

    /** From the movement of the hand to the next picture. */
    #felted(since) {
        this.latencies.push(performance.now() - since);
        if (this.latencies.length > MOST_LATENCIES) {
            this.latencies.shift();
        }
    }

    #status(ok) {
        document.getElementById('offline').hidden = ok;
        document.dispatchEvent(new CustomEvent('live:status', { detail: { ok } }));
    }

    async #post(url, body) {
        const response = await fetch(url, {
            method: 'POST',
            headers: {
                'Content-Type': 'application/json',
                Accept: 'application/json',
            },
            body: JSON.stringify(body),
        });
        if (!response.ok) {
            const said = await response.json().catch(() => ({}));
            throw Object.assign(new Error(said.problem ?? said.message ?? `The server answered ${response.status}.`), { status: response.status });
        }

        return response.status === 204 ? {} : response.json();
    }
}

export const live = new Live();

window.addEventListener('pagehide', () => {
    if (document.body.dataset.place === 'bench') {
        live.leave();
    }
});
