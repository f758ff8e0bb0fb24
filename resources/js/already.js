/** What everything that can be chosen does already: read when it is asked for, once for each state of the set. */
const NOTHING = { said: {}, leads: {}, names: {}, media: {} };
let read = Promise.resolve(NOTHING);
let now = NOTHING;
let of = '';

export function already() {
    const { already: address, revision, program } = document.body.dataset;
    const state = `${address} ${revision} ${program}`;
    if (of !== state) {
        of = state;
        read = fetch(address, { headers: { Accept: 'application/json' } }).then((response) => (response.ok ? response.json() : NOTHING)).catch(() => {
            // Choosing goes on without it.
            of = '';

            return NOTHING;
        });
        read.then((what) => { now = what; });
    }

    return read;
}

/** What a control is called; empty if it is none, or if that is not known yet. */
export const nameOfControl = (ref) => (now.names.contact?.[ref] ?? now.names.axis?.[ref] ?? '').split(' · ').pop();

/** In words; empty if it does nothing yet, or if that is not known yet. */
export const known = (sort, id) => now.said[sort]?.[id] ?? '';
