<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Which stops are open. Indices are those of the program. */
final class StopsState implements PartState
{
    /** @var array<int, array<string, true>> sources that hold a stop's output on */
    public array $holders = [];

    /** @var array<int, array<int, true>> axes on which a stop is open */
    public array $open = [];

    /** @var array<int, array<int, true>> axes whose value has been past an open stop */
    public array $past = [];

    /** @var array<int, int> when the patience of an open stop runs out, in µs; 0: never */
    public array $patience = [];

    /**
     * Stops that are still there and open as they did, if they are not open by an output, stay open on the axes that
     * they still hold.
     */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        foreach ($this->open as $before => $axes) {
            $stop = $to->stop($before);
            if (
                $stop < 0 || $to->new->stop($stop)->opening !== $to->old->stop($before)->opening
                    || $to->new->stop($stop)->opening->isState()
            ) {
                continue;
            }
            $next->patience[$stop] = $this->patience[$before] ?? 0;
            foreach (array_keys($axes) as $was) {
                $axis = $to->axis($was);
                if ($axis >= 0 && in_array($stop, $to->new->tables->axes[$axis]->stops, true)) {
                    $next->open[$stop][$axis] = true;
                    if (isset($this->past[$before][$was])) {
                        $next->past[$stop][$axis] = true;
                    }
                }
            }
        }

        return $next;
    }
}
