<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** How the closing and opening of a contact drive its outputs. A new kind is one class and one line in Behaviours. */
interface Behaviour
{
    public static function kind(): string;

    public static function read(Node $node): self;

    /** @return array<string, mixed> the behaviour in the open format */
    public function toArray(): array;

    /** A few words with the numbers in it: "pulse 60 ms". */
    public function inWords(): string;

    /** Why it cannot drive this output; null if it can. */
    public function refuses(ContactOutput $output): ?string;

    /** @param bool $found the contact was found closed as the run began */
    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void;

    public function release(Run $run, Assigned $assigned, Cause $cause): void;
}
