<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/** Whichever of two axes is further along. */
final readonly class Larger extends BuiltAxis
{
    public static function kind(): string
    {
        return 'larger';
    }

    public static function about(): string
    {
        return 'Whichever of two axes is further along.';
    }

    public function travels(array $t): array
    {
        return [max($t[0], $t[1])];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf('Whichever of %s and %s is further along.', $sources[0], $sources[1] ?? '');
    }
}
