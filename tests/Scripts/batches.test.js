import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { Batches } from '../../resources/js/batches.js';

/** A rig that answers what it is told to, and remembers what it was sent. */
class Rig {
    sent = [];
    refused = [];
    known = {};
    isOpen = true;
    hands = 0;
    /** What the next batches are answered with, one each; then 200. `lost`: the answer never comes. */
    answers = [];

    line() {
        return {
            isOpen: () => this.isOpen,
            hello: () => ({ name: 'page' }),
            knows: (port) => this.known[port],
            refused: (problem) => this.refused.push(problem),
            post: async (path, body) => {
                if (path === '/hands') {
                    this.hands++;

                    return { status: 200, answer: { hand: `h${this.hands}` } };
                }
                this.sent.push(structuredClone({ path, ...body }));
                const answer = this.answers.shift() ?? { status: 200, answer: {} };
                if (answer === 'lost') {
                    throw new Error('lost');
                }

                return answer;
            },
        };
    }
}

const rest = async () => {
    for (let i = 0; i < 50; i++) {
        await Promise.resolve();
    }
};

const withRig = (work) => async () => {
    mock.timers.enable({ apis: ['setTimeout'] });
    const rig = new Rig();
    const batches = new Batches(rig.line());
    try {
        await work(rig, batches);
    } finally {
        mock.timers.reset();
    }
};

test('a hand is opened by the first movement, and batches are numbered from 1 on', withRig(async (rig, batches) => {
    batches.input(10, 'd/b1', 1);
    await rest();
    batches.input(20, 'd/b1', 0);
    await rest();
    assert.equal(rig.hands, 1);
    assert.deepEqual(rig.sent.map(({ path, n, inputs }) => [path, n, inputs]), [
        ['/hands/h1', 1, [[10, 'd/b1', 1]]],
        ['/hands/h1', 2, [[20, 'd/b1', 0]]],
    ]);
}));

test('what moves while a batch is on its way goes with the next one, all together', withRig(async (rig, batches) => {
    batches.input(1, 'd/b1', 1);
    batches.input(2, 'd/b2', 1);
    batches.input(3, 'd/b3', 1);
    await rest();
    assert.deepEqual(rig.sent.flatMap(({ inputs }) => inputs.map(([t]) => t)), [1, 2, 3]);
    assert.ok(rig.sent.length <= 2);
}));

test(
    'a lost answer is asked for again under the same number, and nothing is sent twice under two',
    withRig(async (rig, batches) => {
        rig.answers = ['lost', 'lost'];
        batches.input(1, 'd/b1', 1);
        await rest();
        for (let i = 0; i < 2; i++) {
            mock.timers.tick(400);
            await rest();
        }
        batches.input(2, 'd/b1', 0);
        await rest();
        assert.deepEqual(rig.sent.map(({ n }) => n), [1, 1, 1, 2]);
        assert.deepEqual(rig.sent.slice(0, 3).map(({ inputs }) => inputs), Array(3).fill([[1, 'd/b1', 1]]));
    }),
);

test('a rig that wants another number is given it', withRig(async (rig, batches) => {
    rig.answers = [{ status: 409, answer: { next: 7 } }];
    batches.input(1, 'd/b1', 1);
    await rest();
    batches.input(2, 'd/b1', 0);
    await rest();
    assert.deepEqual(rig.sent.map(({ n }) => n), [1, 7, 8]);
}));

test(
    'a hand that has gone is opened anew, and what it had not said yet is said by the new one',
    withRig(async (rig, batches) => {
        rig.answers = [{ status: 410, answer: {} }];
        batches.input(1, 'd/b1', 1);
        await rest();
        assert.equal(rig.hands, 2);
        const sent = rig.sent.map(({ path, n, inputs }) => [path, n, inputs.length]);
        assert.deepEqual(sent, [['/hands/h1', 1, 1], ['/hands/h2', 1, 1]]);
    }),
);

test('a batch that is too long is sent in halves', withRig(async (rig, batches) => {
    rig.answers = [{ status: 413, answer: {} }];
    rig.isOpen = false;
    for (let i = 0; i < 1500; i++) {
        batches.input(i, 'd/a', i);
    }
    rig.isOpen = true;
    batches.live();
    await rest();
    assert.deepEqual(rig.sent.map(({ n, inputs }) => [n, inputs.length]), [[1, 1500], [1, 1000], [2, 500]]);
    const times = rig.sent.slice(1).flatMap(({ inputs }) => inputs.map(([t]) => t));
    assert.deepEqual(times, Array.from({ length: 1500 }, (_, i) => i));
}));

test('a batch that is refused is told and not sent again', withRig(async (rig, batches) => {
    rig.answers = [{ status: 422, answer: { problem: 'No such control.' } }];
    batches.input(1, 'd/none', 1);
    await rest();
    assert.deepEqual([rig.refused, rig.sent.length], [['No such control.'], 1]);
}));

test('nothing is sent while the line is shut', withRig(async (rig, batches) => {
    rig.isOpen = false;
    batches.input(1, 'd/b1', 1);
    await rest();
    assert.deepEqual([rig.hands, rig.sent.length], [0, 0]);
    rig.isOpen = true;
    batches.live();
    await rest();
    assert.deepEqual(rig.sent.map(({ inputs }) => inputs), [[[1, 'd/b1', 1]]]);
}));

test(
    'a rig that began anew is told what this browser left, unless it knows it or somebody else moved it since',
    withRig(async (rig, batches) => {
        for (const port of ['d/left', 'd/known', 'd/other']) {
            batches.input(1, port, 1);
            await rest();
        }
        batches.shown({ 'd/other': 0, 'd/left': 1 });
        batches.gone();
        batches.anew();
        rig.known = { 'd/known': 1, 'd/left': 0 };
        batches.live();
        await rest();
        assert.deepEqual(rig.sent.at(-1).found, [['d/left', 1]]);
    }),
);
