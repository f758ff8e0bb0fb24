<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Scalar;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What devices shall be like: their springs, how far they turn, how bright their lamps are; by device. */
final class Settings implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'settings';
    }

    public static function called(): array
    {
        return ['setting', 'settings'];
    }

    public static function about(): string
    {
        return 'What devices shall be like, by device: each setting that its device file lists, by its id.';
    }

    public static function depth(): int
    {
        return 2;
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
        return Fields::of(Field::required(
            'is',
            'Is',
            new Scalar,
            'What it is: a number in the unit of the setting, one of its choices, a colour, true or false.',
            480,
        ));
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        self::fields()->read($part);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        $device = $words->set->rig->devices[$path->key] ?? null;

        return ($device->name ?? 'A device that is gone').', '.lcfirst(
            $device?->setting((string) $path->inner)->name ?? 'a setting that it does not have',
        );
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        $setting = ($words->set->rig->devices[$path->key] ?? null)?->setting((string) $path->inner);
        $is = $part->get('is');
        if ($path->inner === Setting::PANEL && is_string($is->value)) {
            return $is->value === PanelDevice::AS_NEW ? $is->value : '"'.(
                $words->set->panels[$path->key][$is->value]->name ?? 'one that is gone'
            ).'"';
        }

        return $setting === null ? (string) json_encode($is->value) : $setting->inWords($setting->value($is));
    }
}
