import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clamp, place, railOf, toReading, turned } from '../../resources/js/rails.js';

const said = { axis: 'fennel/left', min: '0', max: '65535', rest: '32768', half: '80' };
const KINDS = {
    upright: {},
    across: { rail: 'across' },
    down: { down: '' },
    'a part of the travel': { from: '1000', to: '3000' },
    backwards: { from: '65535', to: '0' },
};

test('a reading drawn and taken from the drawing again is the same reading', () => {
    for (const [kind, more] of Object.entries(KINDS)) {
        const rail = railOf({ ...said, ...more });
        for (let i = 0; i <= 50; i++) {
            const reading = Math.round(rail.min + ((rail.max - rail.min) * i) / 50);
            assert.equal(toReading(rail, place(rail, reading)), reading, `${kind}: ${reading}`);
        }
    }
});

test('up is more on an upright rail, right on one across, down on one that goes down', () => {
    assert.ok(place(railOf(said), 65535) < place(railOf(said), 0));
    for (const more of [KINDS.across, KINDS.down]) {
        assert.ok(place(railOf({ ...said, ...more }), 65535) > place(railOf({ ...said, ...more }), 0));
    }
});

test('beyond its ends a rail reads its ends', () => {
    const rail = railOf(said);
    assert.deepEqual([toReading(rail, -500), toReading(rail, 500)], [65535, 0]);
    assert.deepEqual([clamp(-1, 0, 5), clamp(3, 0, 5), clamp(9, 0, 5)], [0, 3, 5]);
});

test('a switch on an axis stands only at its positions', () => {
    const rail = railOf({ ...said, jumps: '3' });
    const read = new Set();
    for (let at = -80; at <= 80; at++) {
        read.add(toReading(rail, at));
    }
    assert.deepEqual([...read].sort((a, b) => a - b), [0, 32768, 65535]);
});

test('a wheel turns by half its degrees to each side', () => {
    const rail = railOf({ ...said, rail: 'round', degrees: '900', max: '1000', rest: '500' });
    assert.deepEqual([turned(rail, 0), turned(rail, 500), turned(rail, 1000)], [-450, 0, 450]);
});
