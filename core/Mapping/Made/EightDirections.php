<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Mapping\Axis\Percent;

/** Turns two centred axes into eight contacts, of which one is closed. */
final readonly class EightDirections extends Directions
{
    public static function kind(): string
    {
        return 'eight directions';
    }

    public static function about(): string
    {
        return 'Turns two centred axes into eight contacts, of which one is closed.';
    }

    protected static function each(): int
    {
        return 1;
    }

    public function closed(int $stands): array
    {
        return array_map(fn (int $i) => $i === $stands, range(0, 7));
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Turns %s and %s into eight directions; none within %s of the centre.',
            $sources[0],
            $sources[1],
            Percent::of($this->dead),
        );
    }
}
