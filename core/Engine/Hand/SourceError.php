<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

use Nailrod\Core\Format\Refusal;

/** A hand, or a batch of one, that cannot be. */
final class SourceError extends \DomainException implements Refusal
{
    public static function tooMany(int $most): self
    {
        return new self(sprintf(
            'There are %d hands already, which is the most that the rig takes. Close a page or end a program, '
                .'then try again.',
            $most,
        ));
    }

    public static function tooManyEyes(int $most): self
    {
        return new self(sprintf(
            'There are %d eyes on the rig already, which is the most. Close a page or end a program, then try '
                .'again.',
            $most,
        ));
    }

    /** @param string $what of which there are too many from one place elsewhere */
    public static function tooManyElsewhere(string $what, int $most): self
    {
        return new self(sprintf(
            'There are too many %s from elsewhere: %d is the most. Close a page on that phone or computer, then '
                .'try again.',
            $what,
            $most,
        ));
    }

    /** @param string $why the set that there is cannot be played; empty if there is none */
    public static function noSet(string $why): self
    {
        return new self(
            $why === '' ? 'There is no set yet, so there is nothing to play. Make one on the page Sets and files.'
                : 'Nothing is in play, since the set cannot be put together: '
                .$why,
        );
    }

    public static function noPhrase(string $said): self
    {
        return new self(sprintf('No phrase of the rig is called "%s".', mb_strimwidth(mb_scrub($said), 0, 60, '…')));
    }

    public static function batch(int $found, int $expected): self
    {
        return new self(sprintf(
            'Batch %d came, batch %d was expected. Nothing was taken; send from batch %d on.',
            $found,
            $expected,
            $expected,
        ));
    }

    public static function shape(string $place, mixed $found, string $expected): self
    {
        if (is_float($found) && ! is_finite($found)) {
            return new self(sprintf('%s: found a number that is too large, expected %s.', $place, $expected));
        }
        if (is_array($found)) {
            // What JSON has no word for is said, not told as 0.
            array_walk_recursive($found, function (mixed &$value): void {
                $value = is_float($value) && ! is_finite($value) ? 'a number that is too large' : $value;
            });
        }

        return new self(sprintf(
            '%s: found %s, expected %s.',
            $place,
            mb_strimwidth(
                (string) json_encode(
                    $found,
                    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE
                        | JSON_PARTIAL_OUTPUT_ON_ERROR,
                ),
                0,
                60,
                '...',
            ),
            $expected,
        ));
    }
}
