<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Section\HasFields;
use Nailrod\Core\Set\Section\IsSection;
use Nailrod\Core\Set\Section\Section;
use Nailrod\Core\Set\Words;

/** A section of a set that only the tests know: how the seats of the rig stand. */
final class Seats implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'seats';
    }

    public static function called(): array
    {
        return ['seat', 'seats'];
    }

    public static function about(): string
    {
        return 'How the seats of the rig stand.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('back', 'Back', new Whole(0, 90, '°'), 'How far its back leans.'));
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        self::fields()->read($part);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return 'Seat '.$path->key;
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return 'leans by '.self::fields()->read($part)->whole('back').'°';
    }
}
