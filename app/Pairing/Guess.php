<?php

declare(strict_types=1);

namespace App\Pairing;

/** What came of a code that somebody typed. */
enum Guess
{
    case Right;
    case Wrong;

    /** The code has ended: too many guesses, used, or too old. */
    case Over;

    /** No code is shown at the desk. */
    case None;

    /** What is said on the phone. */
    public function inWords(): string
    {
        return match ($this) {
            self::Right => 'Paired.',
            self::Wrong => 'That is not the code. Look at the desk once more.',
            self::Over =>
                'That code has ended: it was used, is too old, or was guessed wrong too often. Let the desk show a '
                    .'new one.',
            self::None => 'The desk shows no code just now. Press Show a code there, on the place Panel.',
        };
    }
}
