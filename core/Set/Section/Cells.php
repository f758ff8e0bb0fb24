<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\OutputsLeft;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What each layer says of contacts and axes, by layer. */
final class Cells implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'cells';
    }

    public static function called(): array
    {
        return ['assignment', 'assignments'];
    }

    public static function about(): string
    {
        return 'What each layer says of contacts and axes, by layer.';
    }

    /**
     * Of which contacts a set says something at all.
     *
     * @param array<array-key, mixed> $section as it stands in the file
     *
     * @return array<string, array<string, bool>> by layer and reference; false where it says that there is none
     */
    public static function said(array $section): array
    {
        $said = [];
        foreach (Keys::each($section) as $layer => $cells) {
            foreach (is_array($cells) ? $cells : [] as $ref => $cell) {
                $said[(string) $layer][(string) $ref] = $cell !== null;
            }
        }

        return $said;
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function most(): int
    {
        return 5000;
    }

    public static function innerKeyIsId(): bool
    {
        return false;
    }

    public static function fields(): null
    {
        return null;
    }

    public static function check(string $key, Node $part): void
    {
        Cell::read($part);
    }

    public static function isUnheard(PartPath $path, Gone $gone): bool
    {
        return $gone->isPart(NamesPart::LAYER, $path->key);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $cell = Cell::read($part);
        if ($gone->isInput((string) $path->inner) || ($cell->as !== null && $gone->isInput($cell->as))) {
            return null;
        }
        if ($cell->as !== null) {
            return $part->plain();
        }
        $when = $gone->leavesOf($cell->when);
        $said = match (true) {
            $when === true => array_diff_key($part->plain(), ['when' => 0, 'otherwise' => 0]),
            $when === false => $cell->otherwise === null ? null : $part->get('otherwise')->plain(),
            default => array_replace($part->plain(), ['when' => $when->toArray()]),
        };

        return $said === null ? null : OutputsLeft::ofCell($said, fn (array $does) => self::left($does, $gone));
    }

    /**
     * @param array<string, mixed> $said in the open format
     *
     * @return ?array<string, mixed>
     */
    private static function left(array $said, Gone $gone): ?array
    {
        $behaviour = isset($said['behaviour']) ? Behaviours::read(Node::of($said['behaviour'])) : null;

        return $behaviour instanceof PlaysItsMacro
            && $gone->isPart(NamesPart::MACRO, $behaviour->macro())
            ? null
            : OutputsLeft::of($said, $gone->leaves(...));
    }

    public static function schema(): array
    {
        return ['$ref' => '#/$defs/cell'];
    }

    public static function renamed(array $said, callable $as): array
    {
        return Cell::renamed($said, $as);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return $words->set->rig->nameOf((string) $path->inner).' in '.$words->layerName($path->key);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->cell(Cell::read($part));
    }
}
