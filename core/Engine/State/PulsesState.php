<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Pulses of outputs. */
final class PulsesState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<string, SentPulse> by source (see Assigned::source()), the latest last */
    public array $pulses = [];
}
