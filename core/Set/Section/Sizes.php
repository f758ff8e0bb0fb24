<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/**
 * How large devices are, where their owner has measured that: how far two of their controls are from each other; by
 * device.
 */
final class Sizes implements Section
{
    use HasFields;
    use IsSection;

    /** What can be measured, in mm. */
    public const LEAST = 2.0;
    public const MOST = 2000.0;

    public static function name(): string
    {
        return 'sizes';
    }

    public static function called(): array
    {
        return ['size', 'sizes'];
    }

    public static function about(): string
    {
        return 'How large devices are, by device: how far the middles of two of its controls are from each other. '
            .'Labels are printed by it; where nothing is said, a unit of the drawing is a tenth of a millimetre.';
    }

    public static function keyIsDevice(): bool
    {
        return true;
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('from', 'From', new Text(60), 'One control of the device.', 'button-1'),
            Field::required('to', 'To', new Text(60), 'Another one, on the same page.', 'button-5'),
            Field::required(
                'mm',
                'Apart',
                new Number(self::LEAST, self::MOST, 'mm'),
                'How far their middles are from each other.',
                83.5,
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        $given = self::fields()->read($part);
        if ($given->text('from') === $given->text('to')) {
            throw $given->refuse('to', 'another control than the first');
        }
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return ($words->set->rig->devices[$path->key]->name ?? 'A device that is gone').', size';
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        $given = self::fields()->read($part);
        $name = fn (string $id): string => (
            $words->set->rig->devices[$path->key] ?? null
        )?->control($id)->name ?? 'a control that is gone';

        return sprintf(
            '%s mm from %s to %s',
            json_encode($given->number('mm')),
            $name($given->text('from')),
            $name($given->text('to')),
        );
    }
}
