<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Set\Section\Aside;
use Nailrod\Core\Set\Section\Cells;
use Nailrod\Core\Set\Section\ChordsSection;
use Nailrod\Core\Set\Section\MacrosSection;

/**
 * A set as it is played: what is set aside is as if it were not there, except that an assignment set aside still hides
 * what the base layer says. A stop set aside holds nothing and is shut; outputs to it, and to a macro set aside, do
 * nothing; what is made from axes never closes its contacts, nor what is the opposite of them.
 */
final readonly class Played
{
    private function __construct(private BindingSet $set, private Gone $gone) {}

    public static function of(BindingSet $set): BindingSet
    {
        $aside = array_map(
            fn (PartValue $part) => Aside::target($part->path),
            array_filter($set->merged->section(Aside::name()), fn (PartValue $part) => $part->value !== null),
        );
        if ($aside === []) {
            return $set;
        }
        $gone = Gone::nothing();
        foreach ($aside as $path) {
            // A built axis has no contacts, and goes on.
            $gone = $path->section === 'made' && ($set->made[$path->key] ?? null)
                ?->contacts() === [] ? $gone : $gone->and($path);
        }
        // A macro that depends on a stop that cannot be open is as if it were set aside too.
        foreach (Keys::each($set->macros) as $id => $macro) {
            $gone = $gone->leavesOf($macro->when) === false ? $gone->and(PartPath::macro($id)) : $gone;
        }

        return (new self($set, $gone))->set();
    }

    private function set(): BindingSet
    {
        return $this->set->playing(
            array_filter($this->set->made, fn (Made $made) => ! $this->gone->isMade($made->id())),
            array_map(
                fn (Stop $stop) => $this->isAside(PartPath::stop($stop->id)) ? $stop->holdingNothing() : $stop,
                $this->set->stops,
            ),
            array_map($this->macro(...), $this->set->macros),
            $this->chords(),
            $this->cells(),
            array_filter(
                $this->set->lamps,
                fn (LampRule $rule, string|int $id) => ! $this->isAside(PartPath::lamp((string) $id)) && array_filter(
                    $rule->contacts(),
                    $this->gone->isInput(...),
                ) === [],
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    private function isAside(PartPath $path): bool
    {
        return $this->set->isAside($path);
    }

    /** Its outputs to what is set aside are waits. */
    private function macro(Macro $macro): Macro
    {
        $path = PartPath::macro($macro->id);
        if ($this->isAside($path)) {
            return $macro;
        }
        $said = Node::of($this->set->merged->value($path));
        $left = MacrosSection::without($path, $said, $this->gone);

        return $left === null || $left == $said->plain() ? $macro : Macro::read($macro->id, Node::of($left));
    }

    /** @return array<string, array<string, Chord>> */
    private function chords(): array
    {
        $all = [];
        foreach (Keys::each($this->set->chords) as $layer => $chords) {
            foreach (Keys::each($chords) as $id => $chord) {
                $path = PartPath::chord($layer, $id);
                $said = Node::of($this->set->merged->value($path));
                $left = ChordsSection::without($path, $said, $this->gone);
                if ($left !== null) {
                    $all[$layer][$id] = $left == $said->plain() ? $chord : Chord::read(Node::of($left));
                }
            }
        }

        return $all;
    }

    /** @return array<string, array<string, Cell>> */
    private function cells(): array
    {
        $all = [];
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                if (! $this->gone->isInput($ref)) {
                    $all[$layer][$ref] = $this->cell(PartPath::cell($layer, $ref), $cell);
                }
            }
        }

        return $all;
    }

    private function cell(PartPath $path, Cell $cell): Cell
    {
        if ($this->isAside($path)) {
            return Cell::nothing();
        }
        if ($cell->isNothing()) {
            return $cell;
        }
        $said = Node::of($this->set->merged->value($path));
        $left = Cells::without($path, $said, $this->gone);

        return match (true) {
            $left === null => Cell::nothing(),
            $left == $said->plain() => $cell,
            default => Cell::read(Node::of($left)),
        };
    }
}
