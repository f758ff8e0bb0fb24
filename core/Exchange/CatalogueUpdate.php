<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;

/**
 * A newer list of the actions of a game that is at hand. An action of the one is one of the other if both have its id,
 * else its name, else if they alone have the same key or the same role and are of one kind: then it has a new name. It
 * keeps the id that the sets know.
 */
final readonly class CatalogueUpdate
{
    /** @param array<string, string> $known ids of actions at hand, by the id in the newer list */
    private function __construct(private Catalogue $now, private Catalogue $newer, public array $known) {}

    /** @param bool $hasIds are the ids of the newer list said by somebody, or made of its names? */
    public static function of(Catalogue $now, Catalogue $newer, bool $hasIds): self
    {
        $known = [];
        $ways = [
            ...$hasIds ? [fn (Action $action) => $action->id] : [],
            fn (Action $action) => mb_strtolower(trim($action->name)),
            fn (Action $action) => $action->key === null ? '' : $action->kind->value.' '.$action->key->codes(),
            fn (Action $action) => $action->role === '' ? '' : $action->kind->value.' '.$action->role,
        ];
        foreach ($ways as $of) {
            $left = self::alone(array_diff_key($now->actions, array_flip($known)), $of);
            foreach (self::alone(array_diff_key($newer->actions, $known), $of) as $is => $id) {
                $known += isset($left[$is]) ? [$id => $left[$is]] : [];
            }
        }

        return new self($now, $newer, array_map(strval(...), $known));
    }

    /** How much of the list at hand the newer one has too: from 0 to 1. */
    public function share(): float
    {
        return count($this->known) / max(1, count($this->now->actions));
    }

    /** The newer list, with the ids that the sets know. */
    public function whole(): Catalogue
    {
        $actions = $taken = [];
        foreach (Keys::each($this->newer->actions) as $id => $action) {
            $id = $this->known[$id] ?? Ids::free(
                $id,
                'action',
                fn (string $free) => isset($taken[$free]) || isset($this->now->actions[$free]),
            );
            $taken[$id] = true;
            $actions[$id] = $action->as($id);
        }

        return $this->newer->called($this->now->id, $this->newer->name)->with(
            $this->newer->groups,
            $actions,
            $this->newer->variables,
        );
    }

    /**
     * The list at hand with what a table says. What a row leaves empty stays; actions that the table does not have go.
     *
     * @throws FormatError with everything that cannot be taken
     */
    public function said(CatalogueTable $table): Catalogue
    {
        $rows = $new = [];
        $lines = array_values($table->rows);
        foreach (Keys::of($this->newer->actions) as $i => $id) {
            if (isset($this->known[$id])) {
                $rows[$this->known[$id]] = $lines[$i]->filled();
            } else {
                $new[] = $lines[$i];
            }
        }

        return CatalogueEdits::of($this->now)->apply(
            $rows,
            array_values(array_diff(Keys::of($this->now->actions), $this->known)),
            $new,
        )->checked();
    }

    /**
     * Actions that differ from all others in something.
     *
     * @param array<string, Action>    $actions
     * @param callable(Action): string $of      what they differ in; empty if one has no such thing
     *
     * @return array<string, string> ids by it
     */
    private static function alone(array $actions, callable $of): array
    {
        $by = [];
        foreach (Keys::each($actions) as $id => $action) {
            $by[$of($action)][] = $id;
        }
        unset($by['']);

        return array_map(fn (array $ids) => $ids[0], array_filter($by, fn (array $ids) => count($ids) === 1));
    }
}
