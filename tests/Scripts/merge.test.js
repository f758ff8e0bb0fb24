import assert from 'node:assert/strict';
import { test } from 'node:test';
import { merge } from '../../resources/js/merge.js';

test('whole parts are laid over, entries into parts, and null takes one away', () => {
    const picture = { layer: 'base', hands: { a: 1, b: 2 }, lamps: { x: 'red' } };
    merge(picture, { layer: 'water', in: { hands: { b: null, c: 3 } } });
    assert.deepEqual(picture, { layer: 'water', hands: { a: 1, c: 3 }, lamps: { x: 'red' } });
});

test('what somebody keeps of the picture before does not change under him', () => {
    const picture = { hands: { a: 1 } };
    const before = picture.hands;
    merge(picture, { in: { hands: { a: 2 } } });
    assert.deepEqual([before, picture.hands], [{ a: 1 }, { a: 2 }]);
});

test('a part that was not there begins with its first entry', () => {
    const picture = {};
    merge(picture, { in: { lamps: { x: 'green', y: null } } });
    assert.deepEqual(picture, { lamps: { x: 'green' } });
});

test('changes one after another are the picture that they lead to', () => {
    const target = { axes: { a: 3, c: 4 }, closed: ['p'] };
    const picture = { axes: { a: 1, b: 2 }, closed: [] };
    for (const change of [{ in: { axes: { a: 3 } } }, { closed: ['p'], in: { axes: { b: null, c: 4 } } }]) {
        merge(picture, change);
    }
    assert.deepEqual(picture, target);
});
