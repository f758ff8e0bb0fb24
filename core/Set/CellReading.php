<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Lamp\LampRule;

/**
 * Reads what a merged set says of contacts: cells, chords, and what lights lamps; all of it fits the rest of the set.
 */
final class CellReading
{
    private readonly Fit $fit;

    /** @var array<string, Cell> cells of all layers, by what they say: those that say the same are one */
    private array $same = [];

    /**
     * @param BindingSet   $set     all but its cells, chords and lamps
     * @param ?BindingSet  $before  another state of the set in which all else is the same:
     *                              its cells need not be read again
     * @param list<string> $missing gets the references that the rig does not have
     */
    public function __construct(
        private readonly BindingSet $set,
        private readonly ?BindingSet $before,
        private array &$missing,
    ) {
        $this->fit = new Fit($set);
    }

    /** @throws FormatError with the place of a way or of a macro's step that does not fit */
    public function checkNamed(): void
    {
        foreach (Keys::each($this->set->ways) as $action => $way) {
            $this->fit->named($way, Node::of($way->toArray(), 'ways.'.$action));
        }
        foreach (Keys::each($this->set->macros) as $id => $macro) {
            $this->fit->macro($macro, Node::of($this->set->merged->value(PartPath::macro($id)), 'macros.'.$id));
        }
    }

    /**
     * @return array<string, array<string, Cell>> by layer, then by reference
     *
     * @throws FormatError with the place of what is wrong
     */
    public function cells(): array
    {
        $cells = [];
        foreach (Keys::each($this->set->merged->groups('cells')) as $layer => $values) {
            if ($this->isLayer('cells', (string) $layer)) {
                $cells[$layer] = $this->cellsOf((string) $layer, $values);
            }
        }
        foreach (Keys::each($cells) as $layer => $of) {
            foreach (Keys::each($of) as $ref => $cell) {
                if ($cell->as !== null) {
                    $this->fit->as($cell->as, Node::of(['as' => $cell->as], 'cells.'.$layer.'.'.$ref), $layer, $ref);
                }
            }
        }

        return array_filter($cells);
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, Cell>
     */
    private function cellsOf(string $layer, array $values): array
    {
        $before = $this->before;
        if (
            $before !== null && $before->missing === []
                && $this->set->merged->saysAlike($before->merged, 'cells', $layer)
        ) {
            return $before->cells[$layer] ?? [];
        }
        $cells = [];
        foreach ($values as $ref => $value) {
            if (! $this->set->rig->has((string) $ref)) {
                $this->missing[] = (string) $ref;

                continue;
            }
            $known = $before?->cell($layer, (string) $ref);
            if ($known !== null && $before->merged->value(PartPath::cell($layer, (string) $ref)) === $value) {
                $cells[$ref] = $known;

                continue;
            }
            $node = Node::of($value, 'cells.'.$layer.'.'.$ref);
            $as = is_array($value) ? $value['as'] ?? null : null;
            if (is_string($as) && ! $this->set->rig->has($as)) {
                $this->missing[] = $as;

                continue;
            }
            $cells[$ref] = $this->same[serialize($value)] ??= Cell::read($node);
            $this->fit->cell($cells[$ref], $node, $layer, (string) $ref);
        }

        return $cells;
    }

    /**
     * @return array<string, array<string, Chord>> by layer, then by id
     *
     * @throws FormatError with the place of what is wrong
     */
    public function chords(): array
    {
        $chords = $byFirst = $byMember = [];
        $aside = Gone::nothing();
        foreach (Keys::of($this->set->made) as $id) {
            $aside = $this->set->isAside(PartPath::made($id)) ? $aside->and(PartPath::made($id)) : $aside;
        }
        foreach ($this->set->merged->section('chords') as $part) {
            $layer = $part->path->key;
            if (! $this->isLayer('chords', $layer)) {
                continue;
            }
            $node = PartReading::node($part);
            $chord = Chord::read($node);
            $contacts = $this->set->rig->contacts;
            $gone = array_values(
                array_filter($chord->of, fn (string $ref) => ! isset($contacts[$ref]) || $contacts[$ref]->isTick()),
            );
            if ($gone !== []) {
                array_push($this->missing, ...$gone);

                continue;
            }
            // One of a threshold that is set aside never forms, and is in nobody's way.
            $isPlayed = array_filter($chord->of, $aside->isInput(...)) === [];
            // One that contains another shares all of its contacts with it, its first one too.
            $containing = $isPlayed ? $byMember[$layer][$chord->of[0]] ?? [] : [];
            $contained = $isPlayed ? array_map(fn (string $ref) => $byFirst[$layer][$ref] ?? [], $chord->of) : [];
            foreach (array_merge($containing, ...$contained) as $other) {
                if ($chord->contains($other) || $other->contains($chord)) {
                    throw $node->get('of')->refuse(
                        'contacts that do not contain, and are not contained in, those of '.$other->name,
                    );
                }
            }
            $this->fit->chord($chord, $node);
            $chords[$layer][(string) $part->path->inner] = $chord;
            if (! $isPlayed) {
                continue;
            }
            $byFirst[$layer][$chord->of[0]][] = $chord;
            foreach ($chord->of as $ref) {
                $byMember[$layer][$ref][] = $chord;
            }
        }

        return $chords;
    }

    /**
     * @return array<string, LampRule> as far as the rig has their lamps, by id, in file order
     *
     * @throws FormatError with the place of what is wrong
     */
    public function lamps(): array
    {
        $fitting = [];
        foreach (Keys::each($this->set->lamps) as $id => $rule) {
            $left = $this->fit->lamps($rule, Node::of($this->set->merged->value(PartPath::lamp($id)), 'lamps.'.$id));
            $fitting += $left === null ? [] : [$id => $left];
        }

        return $fitting;
    }

    /** What a parent says in a layer that was taken away is not heard; a layer that nobody ever said is an error. */
    private function isLayer(string $section, string $layer): bool
    {
        if (isset($this->set->layers[$layer])) {
            return true;
        }
        if (! $this->set->merged->isTakenAway(PartPath::layer($layer))) {
            throw FormatError::at(
                $section.'.'.$layer,
                $layer,
                'a layer of the set: '.implode(', ', Keys::of($this->set->layers)),
            );
        }

        return false;
    }
}
