<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Cause;

use Nailrod\Core\Format\Refusal;

/** An input that cannot be: with its place, what was found and what was expected. Times in µs. */
final class InputError extends \DomainException implements Refusal
{
    public static function backInTime(Input $input, int $now): self
    {
        return new self(sprintf(
            '%s: found time %d µs, expected %d µs or later, since time only goes forward.',
            $input->place(),
            $input->t,
            $now,
        ));
    }

    public static function outOfRange(Input $input, int $low, int $high): self
    {
        return new self(sprintf(
            '%s: found the value %s for %s, expected a whole number from %d to %d.',
            $input->place(),
            json_encode($input->value),
            $input->port,
            $low,
            $high,
        ));
    }

    public static function badRow(int $line, string $found, string $expected): self
    {
        return new self(sprintf('line %d: found %s, expected %s.', $line, mb_scrub($found, 'UTF-8'), $expected));
    }
}
