<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\RigAtWork;

/** While an axis is measured, it is looked every so often whether a step has what it needs and goes on by itself. */
final class Measuring
{
    /** In µs. */
    private const EVERY = 150_000;

    /** When it was looked last, in µs. */
    private int $looked = 0;

    /**
     * @param int $now in µs
     *
     * @return bool has a step gone on?
     */
    public function run(RigAtWork $work, int $now): bool
    {
        $survey = $work->live->state->survey;
        if (! $survey->isMeasuring() || $now < $this->looked + self::EVERY) {
            return false;
        }
        $this->looked = $now;

        return $survey->goOn($work->set->rig, $now);
    }

    /** When run() is to be called again, in µs; null while nothing is measured. */
    public function due(RigAtWork $work): ?int
    {
        return $work->live->state->survey->isMeasuring() ? $this->looked + self::EVERY : null;
    }
}
