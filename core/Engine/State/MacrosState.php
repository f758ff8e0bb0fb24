<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Macros that play. */
final class MacrosState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<int, MacroPlayer> by macro, the latest last */
    public array $players = [];
}
