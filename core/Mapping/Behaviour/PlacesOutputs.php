<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Mapping\Output\Output;

/** A behaviour in which each output has a place of its own, so that one that goes moves no other. */
interface PlacesOutputs extends NeedsAllOutputs
{
    /** What the output of this place is for; empty if that needs no saying. */
    public function roleOf(int $place): string;

    /**
     * The behaviour when the output of this place has gone and those after it have moved up; null if nothing is left to
     * do.
     */
    public function withoutOutput(int $index): ?Behaviour;

    /** The behaviour when an output has come at this place, the last. */
    public function withOutput(int $index): Behaviour;

    /**
     * The behaviour with these outputs in the places that suit them.
     *
     * @param list<Output> $outputs
     */
    public function arranged(array $outputs): Behaviour;

    /**
     * What there is no output for yet.
     *
     * @param int $count of the outputs that there are
     *
     * @return array<int, string> what each place is for, by the place that its output will have
     */
    public function openRoles(int $count): array;
}
