<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What is made from axes: contacts, and further axes. */
final class MadeThings implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'made';
    }

    public static function called(): array
    {
        return ['thing made from axes', 'things made from axes'];
    }

    public static function about(): string
    {
        return 'What is made from axes: contacts, and further axes.';
    }

    public static function fields(): null
    {
        return null;
    }

    public static function check(string $key, Node $part): void
    {
        MadeKinds::read($part, self::mustBeId($key, $part));
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $sources = MadeKinds::read($part, $path->key)->sources();

        return $gone->isMade($path->key) || array_filter($sources, $gone->isInput(...)) !== [] ? null : $part->plain();
    }

    public static function schema(): array
    {
        return ['$ref' => '#/$defs/made'];
    }

    public static function renamed(array $said, callable $as): array
    {
        return (array) MadeKinds::renamed($said, $as);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return isset($words->set->made[$path->key]) ? $words->set->made[$path->key]->name() : $named ?? 'What is made';
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->made(MadeKinds::read($part, $path->key));
    }
}
