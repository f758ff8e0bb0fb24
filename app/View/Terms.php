<?php

declare(strict_types=1);

namespace App\View;

/** What a term means, in a sentence or two, where it stands on a page. A new one is one line. */
final class Terms
{
    private const SAYS = [
        'ends' => 'The lowest and the highest reading that a hand reached.',
        'range used' => 'How much of what the device could report lies between these ends.',
        'at rest' => 'What it read while nobody held it.',
        'jitter' => 'How much the reading trembles though nobody moves it: usually, and at most.',
        'drift' => 'How far the reading wandered from the beginning of the measuring to its end, at rest.',
        'steps' => 'The smallest change that it reports. 12 bits are 4096 steps over the whole range.',
        'spikes' =>
            'Single readings far away from those before and after: the wiper of a worn potentiometer loses contact.',
        'flat spots' => 'Places where the hand moved on and the reading did not.',
        'jumps' => 'Places where the reading leapt though the hand moved slowly.',
        'calibration' =>
            'Which readings are the two ends and the rest: what comes between them is the travel, 0 to 100 %.',
        'steadying' => 'What is done against trembling: spikes are left out, small movements are held.',
        'dead zones' =>
            'Parts of the travel where nothing changes: at the ends, so that they are reached surely, and around the '
                .'rest, so that it stays at rest.',
        'curve' =>
            'How much the value changes for how much the hand moves. Flat in the middle makes small corrections easy.',
        'range' => 'From where to where the value goes that is sent.',
        'notches' => 'Places that pull the value to themselves, as a felt detent would.',
        'rotation' => 'How many degrees of a wheel are its whole travel.',
        'stop' => 'A place that holds the value until it is opened, by a button or by letting go.',
        'role' => 'What an action is for, in the same words in every game: "look left". By it games are compared.',
        'way' => 'By what the game is told: an output of the controller, a key stroke, or one of its variables.',
        'own key' => 'The key that the game itself has for the action.',
        'says itself' => 'What is said in this very set; all else it has from the set above.',
        'bank' =>
            'One half of the memory. A write goes to the one that is not in force, so that a write that is cut off '
                .'loses nothing.',
        'checksum' => 'A number made of all bytes. If it fits, what was read back is what was written.',
        'latched' => 'On until the next press.',
        'lanes' => 'What was done, the layer, what was sent and what the game did, under each other over time.',
        'label' => 'Your own short words for a control, as they stand on the box.',
    ];

    /** The sentence about a term; null if it needs none. */
    public static function says(string $term): ?string
    {
        return self::SAYS[mb_strtolower($term)] ?? null;
    }

    /** @return list<string> */
    public static function all(): array
    {
        return array_keys(self::SAYS);
    }
}
