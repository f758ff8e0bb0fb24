<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

/** What conditions and rules for lamps can see of a run. */
interface RunView
{
    /** Id of the layer that is live. */
    public function liveLayer(): string;

    public function isStopOpen(string $stop): bool;

    public function isFlagUp(string $flag): bool;

    /** @param string $contact reference */
    public function isClosed(string $contact): bool;

    public function variable(string $variable): float;
}
