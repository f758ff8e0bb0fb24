<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What each layer says of contacts and axes, by layer. */
final class Cells implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'cells';
    }

    public static function called(): array
    {
        return ['assignment', 'assignments'];
    }

    public static function about(): string
    {
        return 'What each layer says of contacts and axes, by layer.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function most(): int
    {
        return 5000;
    }

    public static function innerKeyIsId(): bool
    {
        return false;
    }

    public static function check(string $key, Node $part): void
    {
        Cell::read($part);
    }

    public static function schema(): array
    {
        return ['$ref' => '#/$defs/cell'];
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return $words->set->rig->nameOf((string) $path->inner).' in '.$words->layerName($path->key);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->cell(Cell::read($part));
    }
}
