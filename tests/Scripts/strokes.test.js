import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { MODIFIERS, Strokes } from '../../resources/js/strokes.js';
import { escapes } from '../../resources/js/twice.js';

const down = (code, repeat = false) => ({ type: 'keydown', code, repeat });
const up = (code) => ({ type: 'keyup', code, repeat: false });
const strokes = (...events) => {
    const taken = new Strokes();

    return events.map((event) => taken.take(event)).filter((stroke) => stroke !== null);
};

test('a key is a stroke when it goes down, with the modifiers that are held', () => {
    assert.deepEqual(strokes(down('KeyA'), up('KeyA')), [['KeyA']]);
    assert.deepEqual(
        strokes(down('ControlLeft'), down('ShiftLeft'), down('KeyA'), up('KeyA'), up('ShiftLeft'), up('ControlLeft')),
        [['ShiftLeft', 'ControlLeft', 'KeyA']],
    );
});

test('a modifier that is pressed alone is meant itself, when it is let go of', () => {
    for (const modifier of MODIFIERS) {
        assert.deepEqual(strokes(down(modifier), up(modifier)), [[modifier]]);
        assert.deepEqual(strokes(down(modifier), down('KeyA'), up('KeyA'), up(modifier)), [[modifier, 'KeyA']]);
    }
});

test('a key that repeats is one stroke', () => {
    assert.deepEqual(strokes(down('KeyA'), down('KeyA', true), down('KeyA', true), up('KeyA')), [['KeyA']]);
});

test('a modifier that was let go of is held no more, and clearing forgets what is down', () => {
    assert.deepEqual(strokes(down('AltLeft'), up('AltLeft'), down('KeyB')), [['AltLeft'], ['KeyB']]);
    const taken = new Strokes();
    taken.take(down('AltLeft'));
    taken.clear();
    assert.deepEqual(taken.take(down('KeyB')), ['KeyB']);
});

test('Escape twice soon after each other ends it; with another key between, or late, it does not', () => {
    let now = 1000;
    mock.method(performance, 'now', () => now);
    const ends = escapes();
    const press = (code, after) => {
        now += after;

        return ends({ code });
    };
    assert.deepEqual(
        [['Escape', 0], ['Escape', 499], ['KeyA', 10], ['Escape', 10], ['KeyA', 10], ['Escape', 10], ['Escape', 500]]
            .map(([code, after]) => press(code, after)),
        [false, true, false, false, false, false, false],
    );
    mock.restoreAll();
});
