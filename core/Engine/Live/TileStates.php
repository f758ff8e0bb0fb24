<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Words;

/**
 * How the tiles of panels stand: whether what one that locks on does is on, and what the next touch does where that is
 * not always the same, which is of a cycle and of what depends on a condition.
 */
final readonly class TileStates
{
    public function __construct(private BindingSet $set, private Machine $machine, private LiveState $state) {}

    /**
     * @return array<string, array{on: bool, next: string}> by reference, of those that have something to show; next is
     *    empty where it is always the same
     */
    public function all(): array
    {
        $states = [];
        foreach (Keys::each($this->set->rig->devices) as $id => $device) {
            foreach ($device->panel?->tiles() ?? [] as $tile) {
                $state = $this->stateOf($id.'/'.$tile->id, $tile);
                $states += $state['on'] || $state['next'] !== '' ? [$id.'/'.$tile->id => $state] : [];
            }
        }

        return $states;
    }

    /** @return array{on: bool, next: string} */
    private function stateOf(string $ref, Tile $tile): array
    {
        $does = $tile->kind->isButton() ? $this->machine->questions->boundTo($ref) : null;
        $first = $tile->kind === TileKind::LocksOn ? $this->machine->questions->firstOf($ref) : null;

        return ['on' => $first !== null && $this->isOn($first), 'next' => $does === null ? '' : $this->next($does)];
    }

    /**
     * Is its toggle on, or is done in the game what it does? Of one of two the first counts: what is done otherwise
     * takes it back.
     */
    private function isOn(Assigned $does): bool
    {
        if (isset($this->state->run->assignments->toggled[$does->id])) {
            return true;
        }
        foreach ($does->actions as $action) {
            $effect = $action === null ? null : $this->set->catalogue?->action($action)?->effect;
            $value = $effect === null ? null
                : $this->state->game->variables[$effect->variable]
                ?? $this->set->catalogue->variables[$effect->variable]->start
                ?? null;
            if ($effect !== null && $value !== null && $effect->isDone((float) $value) === true) {
                return true;
            }
        }

        return false;
    }

    private function next(Assigned $does): string
    {
        $questions = $this->machine->questions;
        $turn = $questions->turnOf($does) ?? ($questions->isOneOfTwo($does) ? array_key_first($does->outputs) : null);

        return $turn === null ? '' : $this->nameOf($does, $turn);
    }

    private function nameOf(Assigned $does, int $place): string
    {
        $action = $does->actions[$place] ?? null;

        return (
            $action === null ? null : $this->set->catalogue?->action($action)?->name
        ) ?? (new Words($this->set))->output($does->outputs[$place]);
    }
}
