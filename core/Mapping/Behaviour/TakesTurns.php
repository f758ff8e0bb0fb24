<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** A behaviour that sends another of its outputs at each press, so that it can be said which comes next. */
interface TakesTurns extends NeedsAllOutputs
{
    /**
     * @param ?array{int, int} $before place of the output that was sent last, and when, in µs; null if none was
     * @param int              $now    in µs
     * @param int              $count  of outputs, one or more
     *
     * @return int place of the output that a press at this time sends, among those that have a way
     */
    public function turn(?array $before, int $now, int $count): int;
}
