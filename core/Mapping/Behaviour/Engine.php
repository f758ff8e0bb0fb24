<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\Effects;

/**
 * What a behaviour can do at work; the run does it. What it remembers between two presses is kept for each assignment.
 */
interface Engine extends Effects
{
    /** Time in µs since the start of the run. */
    public function elapsed(): int;

    /**
     * One output is on for the width; one that comes while it is on waits.
     *
     * @param int $output its place
     * @param int $width  in µs
     */
    public function pulse(Assigned $assigned, int $output, int $width, Cause $cause): void;

    /** One tick of an encoder, that waits for its turn. */
    public function tick(Assigned $assigned, QueuesTicks $ticks, Cause $cause): void;

    /** What the assignment is doing; null if it rests. */
    public function stage(Assigned $assigned): ?string;

    public function enter(Assigned $assigned, ?string $stage): void;

    /**
     * TimedBehaviour::timer() is called later.
     *
     * @param string $what  the name that it is told
     * @param int    $delay in µs
     */
    public function later(Assigned $assigned, string $what, int $delay, Cause $cause): void;

    public function cancel(Assigned $assigned, string $what): void;

    public function isToggled(Assigned $assigned): bool;

    public function toggle(Assigned $assigned, bool $isOn): void;

    /** @return ?array{int, int} the place of the output that was sent last, and when, in µs; null if none was */
    public function place(Assigned $assigned): ?array;

    public function keepPlace(Assigned $assigned, int $place): void;

    /** The contact of this assignment holds a macro. */
    public function holdMacro(string $macro, Assigned $assigned, Cause $cause): void;

    public function letGoOfMacro(string $macro, Assigned $assigned, Cause $cause): void;
}
