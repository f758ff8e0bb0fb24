<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Output\Output;

/** The way by which an action is to be reached, and why this one. */
final readonly class ChosenWay
{
    /** @param bool $isNew false where the set has this way already */
    public function __construct(public Output $way, public string $why, public bool $isNew) {}
}
