<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What is said of axes: how their readings become travel, and that a value. */
final class AxesSection implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'axes';
    }

    public static function called(): array
    {
        return ['part of shapings', 'parts of shapings'];
    }

    public static function about(): string
    {
        return 'What is said of axes: how their readings become travel, and that a value.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function keyIsId(): bool
    {
        return false;
    }

    public static function schemaByKey(): array
    {
        return array_map(fn (string $class) => $class::schema(), AxisParts::all());
    }

    public static function fields(): null
    {
        return null;
    }

    public static function check(string $key, Node $part): void
    {
        Shaping::check(Node::of([$key => $part->value], substr($part->path, 0, -strlen('.'.$key))));
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        return $gone->isInput($path->key) ? null : $part->plain();
    }

    public static function schema(): array
    {
        return ['oneOf' => array_values(self::schemaByKey())];
    }

    /** How an axis becomes a value names nothing. */
    public static function renamed(array $said, callable $as): array
    {
        return $said;
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return $words->set->rig->nameOf($path->key).', '.$words->axisPart((string) $path->inner);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->ofAxisPart($path, $part);
    }
}
