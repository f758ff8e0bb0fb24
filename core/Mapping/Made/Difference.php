<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/** One axis pushes one way, the other one the other; both alike rest at the centre. */
final readonly class Difference extends BuiltAxis
{
    public static function kind(): string
    {
        return 'difference';
    }

    public static function about(): string
    {
        return 'One axis pushes one way, the other one the other; both alike rest at the centre.';
    }

    protected function centredOver(array $sources): bool
    {
        return true;
    }

    public function travels(array $t): array
    {
        return [0.5 + ($t[0] - $t[1]) / 2];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            '%s pushes one way, %s the other; both alike rest at the centre.',
            $sources[0],
            $sources[1] ?? '',
        );
    }
}
