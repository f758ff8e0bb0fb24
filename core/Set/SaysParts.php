<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\Section\Aside;

/** What all edits of a set need: the document of the set itself, and the parts that a parent says. */
trait SaysParts
{
    private function own(): SetDocument
    {
        return $this->set->merged->own;
    }

    /**
     * Takes a part out of the set, with the word that it is set aside; where a parent says it, the set says that it is
     * gone.
     */
    private function takeAway(SetDocument $own, PartPath $path): SetDocument
    {
        $inherited = false;
        foreach (array_slice($this->set->merged->chain, 0, -1) as $parent) {
            $inherited = $parent->says($path) ? $parent->value($path) !== null : $inherited;
        }

        $own = in_array($path->section, Aside::SECTIONS, true) ? $own->without(Aside::path($path)) : $own;

        return $inherited ? $own->with($path, null) : $own->without($path);
    }

    /**
     * A name that is free among these, made of a wish.
     *
     * @param array<string, mixed> $taken
     * @param string               $else  the name if the wish has no letters
     */
    private function free(string $wish, array $taken, string $else = 'new'): string
    {
        return Ids::free($wish, $else, fn (string $id) => isset($taken[$id]));
    }

    /** @param array<string, mixed> $known */
    private function known(string $id, array $known, string $place, string $what): string
    {
        return isset($known[$id]) ? $id : throw FormatError::at($place, $id, $what);
    }

    /** @param callable(Output): bool $goes */
    private function withoutOutput(SetDocument $own, string $ref, callable $goes, string $onlyLayer = ''): SetDocument
    {
        return $this->withOutputs($own, $ref, fn (Output $output) => $goes($output) ? null : $output, $onlyLayer);
    }

    /** @param callable(Output): ?Output $change null for an output that goes; the last one that goes clears the cell */
    private function withOutputs(SetDocument $own, string $ref, callable $change, string $onlyLayer = ''): SetDocument
    {
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            $cell = $cells[$ref] ?? null;
            if ($cell === null || $cell->outputs === [] || ($onlyLayer !== '' && $layer !== $onlyLayer)) {
                continue;
            }
            $path = PartPath::cell($layer, $ref);
            $before = Node::of($this->set->merged->value($path))->plain();
            $left = OutputsLeft::ofCell(
                $before,
                fn (array $does) => OutputsLeft::of($does, fn (Output $output) => $change($output)),
            );
            if ($left === null) {
                $own = $this->takeAway($own, $path);
            } elseif ($left != $before) {
                $own = $own->with($path, $left);
            }
        }

        return $own;
    }
}
