<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Macros: rows of presses, waits and texts that one press plays. */
final class Macros implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'macros';
    }

    public static function called(): array
    {
        return ['macro', 'macros'];
    }

    public static function about(): string
    {
        return 'Macros: rows of presses, waits and texts that one press plays.';
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function check(string $key, Node $part): void
    {
        Macro::read(self::mustBeId($key, $part), $part);
    }

    public static function schema(): array
    {
        return Macro::fields()->schema();
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return Words::called('Macro', $words->set->macros[$path->key]->name ?? $named);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->macro(Macro::read($path->key, $part));
    }
}
