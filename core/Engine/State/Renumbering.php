<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Engine\Program\Program;

/** How the numbers of one program become those of the one that takes its place under the hands. */
final readonly class Renumbering
{
    /**
     * @param State              $before the state before all was let go of
     * @param array<string, int> $hands  last value by port, also of controls that the old program did not use
     */
    public function __construct(public Program $old, public Program $new, public State $before, public array $hands) {}

    public function layer(int $layer): int
    {
        return max(0, $this->new->layerIndex($this->old->tables->layers[$layer]->id));
    }

    /** -1 if the new program does not use it. */
    public function axis(int $axis): int
    {
        return $this->new->axisIndex($this->old->tables->axes[$axis]->input->ref);
    }

    /** -1 if there is none of this name any more. */
    public function stop(int $stop): int
    {
        return $this->new->stopIndex($this->old->tables->stops[$stop]->id);
    }

    /** @return list<int> those that say the very same of the same control in the same layer */
    public function assignments(int $assignment): array
    {
        $row = $this->old->tables->assignments[$assignment];
        $layer = $this->old->tables->layers[$row->layer]->id;
        $same = [];
        foreach ($this->new->tables->assignments as $id => $candidate) {
            if ($this->new->tables->layers[$candidate->layer]->id === $layer && $candidate->isAs($row)) {
                $same[] = $id;
            }
        }

        return $same;
    }

    /**
     * @param int $made of the new program; the old number of what is made alike under its name, -1 if there was none
     */
    public function madeBefore(int $made): int
    {
        $row = $this->new->tables->made[$made];
        foreach ($this->old->tables->made as $before => $was) {
            if (
                $was->id === $row->id && $was->made['kind'] === $row->made['kind']
                    && count($was->contacts) === count($row->contacts)
            ) {
                return $before;
            }
        }

        return -1;
    }
}
