<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Layers: full second meanings of the same contacts and axes. */
final class LayersSection implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'layers';
    }

    public static function called(): array
    {
        return ['layer', 'layers'];
    }

    public static function about(): string
    {
        return 'Layers: full second meanings of the same contacts and axes.';
    }

    public static function most(): int
    {
        return 64;
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function fields(): Fields
    {
        return Layer::fields();
    }

    public static function check(string $key, Node $part): void
    {
        Layer::read(self::mustBeId($key, $part), $part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        return $gone->isPart(NamesPart::LAYER, $path->key) ? null : $part->plain();
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return Words::called('Layer', $named ?? $words->set->layers[$path->key]->name ?? null);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return Layer::read($path->key, $part)->inWords();
    }
}
