<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\ControlNote;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What the owner of the rig says of its controls, over the device files; by device. */
final class Controls implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'controls';
    }

    public static function called(): array
    {
        return ['note of a control', 'notes of controls'];
    }

    public static function about(): string
    {
        return 'What the owner of the rig says of its controls, over the device files; by device.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function keyIsDevice(): bool
    {
        return true;
    }

    public static function most(): int
    {
        return 1000;
    }

    public static function checkGroup(string $key, Node $group): void
    {
        self::mustBeId($key, $group);
    }

    public static function fields(): Fields
    {
        return ControlNote::fields();
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        ControlNote::read($part);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return ($words->set->rig->devices[$path->key]->name ?? 'A device that is gone').', '.(
            $words->set->rig->deviceOf($path->key.'/')?->control((string) $path->inner)->name ?? $named ?? $path->inner
        );
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return ControlNote::read($part)->inWords();
    }
}
