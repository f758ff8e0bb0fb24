<?php

declare(strict_types=1);

namespace App\View\Make;

use App\View\Place;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\Slot;
use Nailrod\Core\Set\Ways;

/** The actions of the simulator beside the comb: how each is reached, and from where. */
final readonly class AssignActions
{
    public function __construct(private Place $place) {}

    /** @return array<string, string> ways that are open to an action, in words by their JSON */
    public function waysOf(Action $action): array
    {
        $ways = [];
        foreach (
            $this->place->set->catalogue === null ? [] : (
                new Ways($this->place->set, $this->place->set->catalogue)
            )->of($action) as $way
        ) {
            $ways[(string) json_encode($way->toArray())] = $this->place->words->output($way);
        }

        return $ways;
    }

    public function wayOf(Action $action): ?Output
    {
        return $this->place->set->wayOf($action->id);
    }

    /** @return array<string, list<Slot>> where each action that is reached is reached from, by action */
    public function reaching(): array
    {
        return Reach::of($this->place->set)->byAction;
    }
}
