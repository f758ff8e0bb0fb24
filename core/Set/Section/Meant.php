<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What the checks tell and its owner means to be so, each with a reason. */
final class Meant implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'meant';
    }

    public static function called(): array
    {
        return ['finding that is meant', 'findings that are meant'];
    }

    public static function about(): string
    {
        return 'What the checks tell and its owner means to be so, each with a reason, by a sum of what it is.';
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'says',
                'Told',
                new Text(500),
                'What is told, in words, as it was when it was answered.',
                'Horn is reached twice.',
            ),
            Field::required('why', 'Why', new Text(200), 'Why it is meant.', 'I want it on both hands.'),
            Field::required(
                'of',
                'Of',
                new Text(40),
                'A sum of what it speaks of; when that becomes another, it is told again.',
                '2f1c',
            ),
        );
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        self::fields()->read($part);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        $says = $said?->value === null ? null : Node::of($said->value)->maybe('says')?->string(500);

        return $says === null ? 'What is told' : 'That '.lcfirst(mb_strimwidth(rtrim($says, '.'), 0, 160, '…'));
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return 'is meant: “'.$part->get('why')->string(200).'”';
    }
}
