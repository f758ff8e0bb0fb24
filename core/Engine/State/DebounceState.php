<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Cause;

/** Contacts within their debounce time. */
final class DebounceState implements PartState
{
    use EndsWithItsProgram;

    /** @var array<int, array{bool, Cause}> what each was last reported as */
    public array $bouncing = [];

    /** @return array<int, bool> */
    public function lastWords(): array
    {
        return array_map(fn (array $last) => $last[0], $this->bouncing);
    }
}
