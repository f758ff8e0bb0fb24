<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Panels that an owner draws for touch panels, by device; which of them is used is its setting `panel`. */
final class Panels implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'panels';
    }

    public static function called(): array
    {
        return ['panel', 'panels'];
    }

    public static function about(): string
    {
        return 'Panels that an owner draws for touch panels, by device; which of them is used is the setting `panel` '
            .'of the device.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function most(): int
    {
        return 40;
    }

    public static function keyIsDevice(): bool
    {
        return true;
    }

    public static function checkGroup(string $key, Node $group): void
    {
        self::mustBeId($key, $group);
    }

    public static function fields(): Fields
    {
        return Panel::fields();
    }

    public static function check(string $key, Node $part): void
    {
        Panel::read(self::mustBeId($key, $part), $part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): array
    {
        // A page stays when the layer goes that it belongs to.
        $stays = fn (mixed $page): mixed => is_array($page)
            && is_string($page['layer'] ?? null)
            && $gone->isPart(NamesPart::LAYER, $page['layer'])
            ? array_diff_key($page, ['layer' => 0])
            : $page;
        $said = $part->plain();

        return ['pages' => array_map($stays, is_array($said['pages'] ?? null) ? $said['pages'] : [])] + $said;
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return ($words->set->rig->devices[$path->key]->name ?? 'A device that is gone').', '.lcfirst(
            Words::called('Panel', $words->set->panels[$path->key][(string) $path->inner]->name ?? $named),
        );
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        $panel = Panel::read((string) $path->inner, $part);

        return '"'.$panel->name.'", '.$panel->inWords();
    }
}
