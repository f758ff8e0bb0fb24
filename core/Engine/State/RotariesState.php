<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Where dials that tick and encoders that have places are turned to. */
final class RotariesState implements PartState
{
    /**
     * @var array<string, string> the position or the place that each is at, by the control; a dial that is not here is
     *    not known yet
     */
    public array $at = [];

    /** A hand has turned them: they stay where they are, also while no program looks at them. */
    public function carried(Renumbering $to): static
    {
        return clone $this;
    }
}
