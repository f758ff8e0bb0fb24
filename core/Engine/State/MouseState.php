<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;

/** Axes that move the mouse. */
final class MouseState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<int, array{float, Cause}> pixels that are owed and why it moves, by axis */
    public array $owed = [];
}
