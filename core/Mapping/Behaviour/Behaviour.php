<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Kind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Mapping\Output\ContactOutput;

/**
 * How the closing and opening of a contact drive its outputs. What else it can do it says by an ability:
 * TimedBehaviour, NeedsAllOutputs, PlacesOutputs, Follows, Latches, QueuesTicks, PlaysItsMacro, HasPresets. A new kind
 * is one class and one line in Behaviours.
 */
interface Behaviour extends Kind
{
    /** A few words with the numbers in it: "pulse 60 ms". */
    public function inWords(Names $names): string;

    /** Why it cannot drive this output; null if it can. */
    public function refuses(ContactOutput $output): ?string;

    /** Does one press send all of its outputs, rather than one of them? */
    public function sendsAllAtOnce(): bool;

    /** @param bool $found the contact was found closed as the run began */
    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void;

    public function release(Engine $run, Assigned $assigned, Cause $cause): void;
}
