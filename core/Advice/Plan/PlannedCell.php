<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Set\Slot;

/** One action on one contact or axis, as it is proposed. */
final readonly class PlannedCell
{
    /** @param ?Behaviour $behaviour null for an axis */
    public function __construct(
        public Action $action,
        public Slot $spot,
        public ?Behaviour $behaviour,
        public ChosenWay $way,
    ) {}
}
