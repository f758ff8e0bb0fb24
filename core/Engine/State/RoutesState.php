<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** What was sent to the outputs of axes, and whose they are. Outputs are named by the key of their route. */
final class RoutesState implements PartState
{
    /** @var array<string, int|float> what an output was last sent; of a direct one as it was left */
    public array $present = [];

    /** @var array<string, int> the axis that an output belongs to */
    public array $owners = [];

    /** @var array<string, array<int, int>> the integer of each other axis when the output was taken */
    public array $taken = [];

    /** @var array<int, true> axes that wait until they pass where their output stands */
    public array $waiting = [];

    /** Who owned an output still owns it; who waits is settled as the axes are taken up. */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->present = $this->present;
        foreach ($this->owners as $key => $owner) {
            if ($to->axis($owner) < 0) {
                continue;
            }
            $next->owners[$key] = $to->axis($owner);
            foreach ($this->taken[$key] ?? [] as $axis => $integer) {
                if ($to->axis($axis) >= 0) {
                    $next->taken[$key][$to->axis($axis)] = $integer;
                }
            }
        }

        return $next;
    }
}
