<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Chord;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\OutputsLeft;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Contacts that count as one press when they close together, by layer. */
final class ChordsSection implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'chords';
    }

    public static function called(): array
    {
        return ['chord', 'chords'];
    }

    public static function about(): string
    {
        return 'Contacts that count as one press when they close together, by layer.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function fields(): Fields
    {
        return Chord::fields();
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        Chord::read($part);
    }

    public static function isUnheard(PartPath $path, Gone $gone): bool
    {
        return $gone->isPart(NamesPart::LAYER, $path->key);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $chord = Chord::read($part);

        return array_filter($chord->of, $gone->isInput(...)) !== []
            ? null
            : OutputsLeft::without($part->plain(), $chord->when, $gone);
    }

    public static function schema(): array
    {
        return ['$ref' => '#/$defs/chord'];
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return 'Chord in '.$words->layerName($path->key);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->chord(Chord::read($part));
    }
}
