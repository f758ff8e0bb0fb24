<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Which outputs are on. */
final class HoldsState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<string, array<string, true>> sources that hold an output, by kind and target */
    public array $holders = [];
}
