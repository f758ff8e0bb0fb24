<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/** Whichever of two axes is less far along. */
final readonly class Smaller extends BuiltAxis
{
    public static function kind(): string
    {
        return 'smaller';
    }

    public static function about(): string
    {
        return 'Whichever of two axes is less far along.';
    }

    public function travels(array $t): array
    {
        return [min($t[0], $t[1])];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf('Whichever of %s and %s is less far along.', $sources[0], $sources[1] ?? '');
    }
}
