<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Format\Type\Id;

/** What a rule for lamps can see of a run. */
interface LampView
{
    /** Id of the layer that is live. */
    public function liveLayer(): string;

    public function isStopOpen(string $stop): bool;

    public function isFlagUp(string $flag): bool;

    /** @param string $contact reference */
    public function isClosed(string $contact): bool;

    public function variable(string $variable): float;
}
