import { merge } from './merge.js';
import { toLine, unique } from './to-line.js';

/**
 * The rig as this page sees it. What hands do goes over the line to the rig; what happens there comes back as events.
 *
 * Events on `document`: live:input {port, value, t}, live:answer (the picture, and what has just happened), live:survey
 * (the same, when a sheet has changed), live:status {ok}, live:beat (the rig is there), live:played {said}.
 */
const MOST_LATENCIES = 400;
/** What a page did and the rig has not shown after so long, it has not taken. */
const PATIENCE_MS = 1000;
/** Clocks that are further apart than this, in µs, are compared anew. */
const JUMP = 1_000_000;

const later = () => {
    let resolve;

    return { promise: new Promise((done) => { resolve = done; }), resolve: () => resolve() };
};
const fresh = () => ({ lines: [], sent: [], game: [], problems: [] });

class Live {
    picture = null;
    hands = {};
    latencies = [];
    /** The wall clock at time 0 of the rig, in ms. */
    epoch = 0;
    #id = unique();
    /** What is told before this page has joined the line would go nowhere. */
    #joined = later();
    #line = null;
    #news = fresh();
    #ahead = null;
    #last = 0;
    /** What this page has moved and the rig has not shown yet, [value, when], by port: until then its own word counts. */
    #moved = new Map();

    get set() {
        return document.body.dataset.set;
    }

    /** The time of the rig, in µs, as near as it is known. */
    now() {
        if (this.#ahead !== null) {
            this.#last = Math.max(this.#last, Math.round(performance.now() * 1000 + this.#ahead));
        }

        return this.#last;
    }

    start() {
        if (!this.set || !document.body.dataset.rig) {
            return;
        }
        this.#line = toLine(document.body.dataset.rig, (kind, data) => this.#hear(kind, data));
        const join = () => {
            this.#line('join', this.#id, this.#where());
            this.#joined.resolve();
        };
        if (navigator.locks) {
            // Held while this page is there, so that the worker knows when it has gone.
            navigator.locks.request(`nailrod-${this.#id}`, () => {
                join();

                return new Promise(() => {});
            }).catch(() => {});
        } else {
            join();
        }
        document.addEventListener('page:changed', () => this.#line('turn', this.#id, this.#where()));
        window.addEventListener('pagehide', () => this.#line('leave', this.#id));
        window.addEventListener('pageshow', (event) => event.persisted && location.reload());
    }

    #where() {
        const { rig, rigToken, set } = document.body.dataset;

        return { rig, token: rigToken, page: set, name: `Page ${document.title.split(' · ')[0]}`, look: document.querySelector('[data-look]')?.dataset.look ?? '', isLocked: Boolean(navigator.locks) };
    }

    /** A hand moved a control: it reports like a device. */
    input(port, value) {
        this.hands[port] = value;
        this.#moved.set(port, [...this.#moved.get(port) ?? [], [value, performance.now()]]);
        document.dispatchEvent(new CustomEvent('live:input', { detail: { port, value, t: this.now() } }));
        this.#line?.('input', this.#id, Math.round((performance.timeOrigin + performance.now()) * 1000), port, value);
    }

    /** A device sent a report: bytes as hex digits. */
    report(device, id, hex) {
        this.#line?.('report', Math.round((performance.timeOrigin + performance.now()) * 1000), device, id, hex);
    }

    plug(device, plugged) {
        this.#line?.('plug', device, plugged);
    }

    /** Resolves when all that the hands have done until now has been answered, and is in the picture. */
    async settled() {
        for (;;) {
            const [hand, n] = await this.#line('settled');
            if (hand === null || n === 0 || this.picture?.batches[hand] >= n) {
                return;
            }
            await new Promise((resolve) => { setTimeout(resolve, 4); });
        }
    }

    /** Something that the rig is told to do. */
    async order(order, more = {}) {
        await this.#joined.promise;

        return this.#line('order', { order, ...more });
    }

    /** A macro is tried without a control. */
    async tryMacro(macro) {
        await this.settled();
        await this.order('try macro', { macro }).catch(() => {});
    }

    /** Begins, carries on or ends a part of the survey of the rig. */
    async survey(what, ref = '') {
        await this.settled();
        await this.order('survey', { what, ref });
    }

    /** Asks the pages' server, not the rig. */
    async post(url, body) {
        const response = await fetch(url, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' }, body: JSON.stringify(body) });
        const answer = response.status === 204 ? {} : await response.json().catch(() => ({}));
        if (!response.ok) {
            throw Object.assign(new Error(answer.problem ?? answer.message ?? `The server answered ${response.status}.`), { status: response.status });
        }

        return answer;
    }

    #hear(kind, data) {
        const takes = {
            whole: () => this.#take({ ...data, whole: true }),
            picture: () => this.#take(data),
            // What is on when a page comes, and lamps that the game moves, are seen in the picture.
            rows: () => this.#news.sent.push(...data.filter((row) => !row.now && !row.by_itself)),
            game: () => this.#news.game.push(...data),
            tape: () => {
                this.#news.lines.push(...data.filter((line) => !line.problem));
                this.#news.problems.push(...data.filter((line) => line.problem).map((line) => line.parts[0]));
            },
            sheet: () => this.#sheet(data),
            here: () => {
                if (this.picture !== null) {
                    this.picture.here = data;
                    document.dispatchEvent(new CustomEvent('live:here'));
                }
            },
            beat: () => {
                this.#compare(data.clock);
                this.#giveUp();
                document.dispatchEvent(new CustomEvent('live:beat'));
                document.getElementById('new-code')?.toggleAttribute('hidden', !data.new_code);
            },
            status: () => this.#status(data.ok),
            said: () => document.dispatchEvent(new CustomEvent('live:said', { detail: data })),
            played: () => document.dispatchEvent(new CustomEvent('live:played', { detail: data })),
            stale: () => this.#renew(),
        };
        takes[kind]?.();
    }

    #take(changes) {
        this.#compare(changes.now);
        if (changes.whole) {
            this.picture = { ...changes, sheet: this.picture?.sheet ?? null, here: this.picture?.here };
        } else if (this.picture !== null) {
            this.picture = { ...this.picture };
            merge(this.picture, changes);
        } else {
            return;
        }
        for (const [port, value] of Object.entries(changes.in?.hands ?? changes.hands ?? {})) {
            this.#shown(port, value);
        }
        this.#show();
    }

    /** The rig shows a control: what this page did with it until then has arrived, what it did since still counts. */
    #shown(port, value) {
        const moved = (this.#moved.get(port) ?? []).filter(([, at]) => performance.now() - at < PATIENCE_MS);
        const at = moved.findIndex(([was]) => was === value);
        if (at >= 0) {
            requestAnimationFrame(() => {
                this.latencies = [...this.latencies, performance.now() - moved[at][1]].slice(-MOST_LATENCIES);
            });
        }
        const left = moved.slice(at + 1);
        if (left.length > 0) {
            this.#moved.set(port, left);
        } else {
            this.#moved.delete(port);
            this.hands[port] = value;
        }
    }

    #show() {
        const news = this.#news;
        this.#news = fresh();
        document.dispatchEvent(new CustomEvent('live:answer', { detail: { ...this.picture, ...news } }));
    }

    /** What was not taken is as the rig says. */
    #giveUp() {
        for (const [port, moved] of this.#moved) {
            if (performance.now() - moved.at(-1)[1] > PATIENCE_MS && this.picture?.hands[port] !== undefined) {
                this.#moved.delete(port);
                this.hands[port] = this.picture.hands[port];
            }
        }
    }

    #sheet(sheet) {
        if (this.picture !== null) {
            this.picture = { ...this.picture, sheet };
            document.dispatchEvent(new CustomEvent('live:survey', { detail: this.picture }));
        }
    }

    /** The smallest delay that was seen tells how far the clock of the rig is ahead of this one. */
    #compare(now) {
        const ahead = now - performance.now() * 1000;
        this.#ahead = this.#ahead === null || Math.abs(ahead - this.#ahead) > JUMP ? ahead : Math.max(ahead, this.#ahead);
        this.epoch = performance.timeOrigin - this.#ahead / 1000;
    }

    #status(ok) {
        const box = document.getElementById('offline');
        if (box) {
            box.hidden = ok;
        }
        document.dispatchEvent(new CustomEvent('live:status', { detail: { ok } }));
    }

    /** The token of this page has ended: it gets another. */
    async #renew() {
        const { token } = await this.post(document.body.dataset.renew ?? '/token', {}).catch(() => ({}));
        if (token) {
            document.body.dataset.rigToken = token;
            this.#line('turn', this.#id, this.#where());
        }
    }
}

export const live = new Live();

/** Which set is in play: a page that shows another says so, and can put its own in play. The Bench does so by itself. */
let placed = '';
function inPlay() {
    const { set, name, broken } = live.picture ?? {};
    if (set === undefined) {
        return;
    }
    const bar = document.getElementById('other-set');
    const here = `${document.body.dataset.place} ${document.body.dataset.set}`;
    if (document.body.dataset.place === 'bench' && set !== document.body.dataset.set && placed !== here) {
        live.order('put in play', { set: document.body.dataset.set }).catch(() => {});
    } else if (bar) {
        bar.hidden = set === document.body.dataset.set || document.body.dataset.place === 'sets';
        bar.querySelector('b').textContent = name;
    }
    placed = here;
    document.getElementById('in-play').toggleAttribute('hidden', set !== document.body.dataset.set);
    const trouble = document.getElementById('broken');
    if (trouble) {
        trouble.hidden = !broken;
        trouble.textContent = broken ? `What is in play is ${name} as it was before: ${broken}` : '';
    }
}
document.addEventListener('click', (event) => {
    if (event.target.closest?.('[data-restart]')) {
        live.order('start again').catch(() => {});
    }
});
document.addEventListener('live:answer', inPlay);
document.addEventListener('page:changed', inPlay);
document.addEventListener('click', (event) => {
    const button = event.target.closest?.('[data-put-in-play], .sets__list a[data-set]');
    if (button) {
        live.order('put in play', { set: button.dataset.set ?? document.body.dataset.set }).catch(() => {});
    }
});
