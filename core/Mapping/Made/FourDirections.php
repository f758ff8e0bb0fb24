<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Mapping\Axis\Percent;

/** Turns two centred axes into four contacts, two of which are closed on a diagonal. */
final readonly class FourDirections extends Directions
{
    public static function kind(): string
    {
        return 'four directions';
    }

    public static function about(): string
    {
        return 'Turns two centred axes into four contacts, two of which are closed on a diagonal.';
    }

    protected static function each(): int
    {
        return 2;
    }

    public function closed(int $stands): array
    {
        return array_map(
            fn (int $i) => $stands !== self::NONE && in_array(($stands - 2 * $i + 8) % 8, [7, 0, 1], true),
            range(0, 3),
        );
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Turns %s and %s into four directions, two of them on a diagonal; none within %s of the centre.',
            $sources[0],
            $sources[1],
            Percent::of($this->dead),
        );
    }
}
