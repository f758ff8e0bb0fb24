<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** What each press was bound to. */
final class PressesState implements PartState
{
    use EndsWithItsProgram;

    /**
     * @var array<int, int> by contact, the latest press last: the assignment its press was bound to, or
     *    Program::NOTHING; of a press that came late (see Chords) by the complement of the contact
     */
    public array $pressed = [];
}
