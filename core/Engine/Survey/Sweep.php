<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Rig\Device\AxisInput;

/** The guided measuring of one axis: readings are gathered step by step; a step that is no good is asked for again. */
final class Sweep
{
    private const MOST_READINGS = 20_000;

    /** How long an end must have been held when the step is done, in µs. */
    public const HELD = 700_000;

    /**
     * A step goes on by itself once the axis has stood still for so long, in µs: where it was moved to, or where it
     * lies at the low end.
     */
    private const STILL = 1_000_000;
    private const UNMOVED = 3_000_000;

    /**
     * What counts as resting and as still, in parts of the range, and times what it trembled by at rest; and as lying
     * at the end of what it can report.
     */
    private const CALM = 0.03;
    private const STANDS = 0.01;
    private const TREMBLES = 1.5;
    private const AT_END = 0.03;

    /** Parts of the range: what counts as moving, as the other end, as all the way. */
    private const MOVED = 0.1;
    private const APART = 0.08;
    private const COVERS = 0.9;

    /**
     * More than this part of the way within half a second, or a tenth of a time shorter than five seconds, is jerky.
     */
    private const JERK = 0.4;
    private const JERK_WITHIN = 500_000;

    public SweepPhase $phase = SweepPhase::Rest;

    public bool $isDone = false;

    /** Why the present step has to be done again; empty if it has not failed. */
    public string $complaint = '';

    /** @var array<string, list<int>> */
    private array $times = [];

    /** @var array<string, list<int>> */
    private array $readings = [];

    /** @var array<string, int> when each step ended */
    private array $ends = [];

    private int $last;

    /** @param int $reading where the axis stands, and now: the time, in µs */
    public function __construct(public readonly string $axis, int $reading, int $now)
    {
        $this->last = $reading;
        $this->begin($now);
    }

    /** @param int $t when it came, in µs */
    public function take(int $reading, int $t): void
    {
        $this->last = $reading;
        $phase = $this->phase->value;
        if ($t <= $this->times[$phase][0]) {
            // It was on its way before the step began: it says where the axis stood then.
            $this->readings[$phase][0] = $reading;

            return;
        }
        if (! $this->isDone && count($this->readings[$phase]) < self::MOST_READINGS) {
            $this->times[$phase][] = $t;
            $this->readings[$phase][] = $reading;
        }
    }

    /**
     * The present step is said to be done: it is taken, or a complaint says why not and it begins again.
     *
     * @param int $now in µs
     */
    public function next(AxisInput $axis, int $now): void
    {
        if ($this->isDone) {
            return;
        }
        $this->ends[$this->phase->value] = $now;
        $this->complaint = $this->complaintAbout($axis) ?? '';
        if ($this->complaint === '') {
            $next = $this->phase->next();
            $this->isDone = $next === null;
            $this->phase = $next ?? $this->phase;
        }
        if (! $this->isDone) {
            $this->begin($now);
        }
    }

    /**
     * The step goes on by itself when it has what it needs; what is still missing is no complaint yet.
     *
     * @param int $now in µs
     *
     * @return bool did it?
     */
    public function goOn(AxisInput $axis, int $now): bool
    {
        $phase = $this->phase->value;
        $this->ends[$phase] = $now;
        $isReady = ! $this->isDone && match ($this->phase) {
            SweepPhase::Rest => $this->hasRested($axis, $now),
            SweepPhase::Low, SweepPhase::High => $this->isHeld($axis) && $this->complaintAbout($axis) === null,
            SweepPhase::Slow => $this->wentThereAndBack($axis),
        };
        if ($isReady) {
            $this->next($axis, $now);
        }

        return $isReady;
    }

    /**
     * It has lain still for as long as the step takes; what it moved before, while a hand let go of it, is left out.
     */
    private function hasRested(AxisInput $axis, int $now): bool
    {
        $phase = $this->phase->value;
        // One that trembles much is given twice the time.
        foreach ([[$this->phase->least(), self::CALM], [2 * $this->phase->least(), self::MOVED]] as [$long, $calm]) {
            $rest = $this->trace($this->phase)->from($now - $long);
            $moved = $rest->despiked();
            if (
                $this->times[$phase][0] <= $now - $long
                    && $moved->quantile(0.98) - $moved->quantile(0.02) <= $calm * $axis->width()
            ) {
                $this->times[$phase] = [$now - $long, ...array_slice($rest->times, 1)];
                $this->readings[$phase] = $rest->readings;

                return true;
            }
        }

        return false;
    }

    /** It was moved and stands still now, or lies at the end where a low end may be without having been moved. */
    private function isHeld(AxisInput $axis): bool
    {
        $trace = $this->trace($this->phase);
        if ($trace->length() < self::STILL || ! $this->standsStill($axis, self::STILL)) {
            return false;
        }
        $held = $trace->from($trace->end - self::STILL)->median();
        if (abs($held - $trace->readings[0]) >= self::MOVED * $axis->width()) {
            return true;
        }
        $isAtEnd = min($held - $axis->min, $axis->max - $held) <= self::AT_END * $axis->width();

        return $this->phase === SweepPhase::Low
            && ! $axis->centred
            && $isAtEnd
            && $trace->length() >= self::UNMOVED
            && $this->standsStill($axis, self::UNMOVED);
    }

    /** From the high end to the low one and back, and it stands there. */
    private function wentThereAndBack(AxisInput $axis): bool
    {
        if (! $this->standsStill($axis, self::HELD)) {
            return false;
        }
        $trace = $this->trace($this->phase)->despiked();
        $high = $this->held(SweepPhase::High)->median();
        $low = $this->held(SweepPhase::Low)->median();
        $near = self::APART * abs($high - $low);
        $furthest = $low < $high ? $trace->quantile(0.0) : $trace->quantile(1.0);

        return abs($furthest - $low) <= $near && abs($trace->from($trace->end - self::HELD)->median() - $high) <= $near;
    }

    /** @param int $within the last of it, in µs */
    private function standsStill(AxisInput $axis, int $within): bool
    {
        $rest = $this->trace(SweepPhase::Rest)->despiked();
        // Only what is looked at is cleaned: this is asked several times a second, of traces of thousands.
        $last = $this->trace($this->phase);
        $last = $last->from($last->end - $within)->despiked();

        return $last->quantile(0.98) - $last->quantile(0.02) <= max(
            self::STANDS * $axis->width(),
            self::TREMBLES * ($rest->quantile(0.98) - $rest->quantile(0.02)),
        );
    }

    public function trace(SweepPhase $phase): Trace
    {
        return new Trace(
            $this->times[$phase->value] ?? [],
            $this->readings[$phase->value] ?? [],
            $this->ends[$phase->value] ?? 0,
        );
    }

    /** The readings while an end was held, without single spikes. */
    public function held(SweepPhase $phase): Trace
    {
        $trace = $this->trace($phase)->despiked();

        return $trace->from($trace->end - self::HELD);
    }

    /** The readings while an end was held. */
    public function heldAsItCame(SweepPhase $phase): Trace
    {
        $trace = $this->trace($phase);

        return $trace->from($trace->end - self::HELD);
    }

    private function begin(int $now): void
    {
        $this->times[$this->phase->value] = [$now];
        $this->readings[$this->phase->value] = [$this->last];
    }

    private function complaintAbout(AxisInput $axis): ?string
    {
        $trace = $this->trace($this->phase)->despiked();
        if ($trace->length() < $this->phase->least()) {
            return sprintf(
                'That was %.1f s; it takes %.0f s at least. Once more.',
                $trace->length() / 1e6,
                $this->phase->least() / 1e6,
            );
        }

        return match ($this->phase) {
            SweepPhase::Rest => $this->restComplaint($trace, $axis),
            SweepPhase::Low, SweepPhase::High => $this->endComplaint($axis),
            SweepPhase::Slow => $this->slowComplaint($trace, $axis),
        };
    }

    private function restComplaint(Trace $trace, AxisInput $axis): ?string
    {
        $moved = ($trace->quantile(0.98) - $trace->quantile(0.02)) / $axis->width();

        return $moved > self::MOVED ? sprintf(
            'It moved over %.0f %% of its range while it should rest. Let go of it, and once more.',
            100 * $moved,
        ) : null;
    }

    private function endComplaint(AxisInput $axis): ?string
    {
        $held = $this->held($this->phase);
        $moved = ($held->quantile(0.95) - $held->quantile(0.05)) / $axis->width();
        if ($moved > self::MOVED) {
            return sprintf(
                'It was not held still: it moved over %.0f %% of its range at the end. Hold it there, and once more.',
                100 * $moved,
            );
        }
        $from = $this->phase === SweepPhase::High ? $this->held(SweepPhase::Low) : (
            $axis->centred ? $this->trace(SweepPhase::Rest) : null
        );
        $apart = $from === null ? 1.0 : abs($held->median() - $from->median()) / $axis->width();

        return $apart < self::APART
            ? sprintf(
                'It is only %.0f %% of its range away from %s. Move it all the way, and once more.',
                100 * $apart,
                $this->phase === SweepPhase::High ? 'the low end' : 'rest',
            )
            : null;
    }

    private function slowComplaint(Trace $trace, AxisInput $axis): ?string
    {
        $span = abs($this->held(SweepPhase::High)->median() - $this->held(SweepPhase::Low)->median());
        $covered = ($trace->quantile(1.0) - $trace->quantile(0.0)) / $span;
        if ($covered < self::COVERS) {
            return sprintf(
                'It went over %.0f %% of the way only. Go from one end to the other and back, and once more.',
                100 * $covered,
            );
        }
        [$way, $within] = self::fastest($trace);

        return $way / $span > self::JERK
            ? sprintf(
                'That was jerky: %.0f %% of the way in %.1f s. Move it slowly and evenly, and once more.',
                min(100, 100 * $way / $span),
                $within / 1e6,
            )
            : null;
    }

    /** @return array{float, int} the longest way within such a time, and that time in µs */
    private static function fastest(Trace $trace): array
    {
        $window = min(self::JERK_WITHIN, intdiv($trace->length(), 10));
        $most = 0.0;
        $from = 0;
        foreach ($trace->times as $i => $t) {
            while ($trace->times[$from] < $t - $window) {
                $from++;
            }
            $most = max($most, (float) abs($trace->readings[$i] - $trace->readings[max(0, $from - 1)]));
        }

        return [$most, $window];
    }
}
