<?php

declare(strict_types=1);

namespace App\View\Rig;

use App\View\Place;
use Nailrod\Core\Engine\Survey\AxisReport;
use Nailrod\Core\Engine\Survey\ShapeProposal;
use Nailrod\Core\Engine\Survey\Sweep;
use Nailrod\Core\Engine\Survey\SweepPhase;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\PartPath;

/** A measured axis on the page: its picture, its figures before and after, the proposal with its reasons. */
final readonly class MeasuredView
{
    public const WIDTH = 520;
    public const HEIGHT = 150;
    private const POINTS = 500;

    private function __construct(
        public AxisReport $report,
        public ShapeProposal $proposal,
        private Sweep $sweep,
        private Shaping $now,
        private Shaping $proposed,
    ) {}

    public static function of(Place $place, AxisInput $axis, ?Sweep $sweep): ?self
    {
        if ($sweep === null || ! $sweep->isDone || $sweep->axis !== $axis->ref) {
            return null;
        }
        $parts = [];
        foreach (AxisParts::shaping() as $part) {
            $value = $place->set->merged->value(PartPath::axis($axis->ref, $part));
            if ($value !== null) {
                $parts[$part] = Node::of($value);
            }
        }
        $report = AxisReport::of($sweep, $axis);
        $proposal = ShapeProposal::of($report, $sweep);

        return new self($report, $proposal, $sweep, Shaping::read($axis, $parts), $proposal->shaping($parts));
    }

    /** Does what was proposed hold already? */
    public function isTaken(): bool
    {
        return $this->now == $this->proposed;
    }

    /**
     * @return array<string, array{string, string}> what it gave before, and by the proposal; once that is taken, before
     *    is as the device reports
     */
    public function figures(): array
    {
        $rows = [];
        $before = $this->isTaken() ? Shaping::read($this->report->axis, []) : $this->now;
        foreach ([$before, $this->proposed] as $i => $shaping) {
            $figures = $this->proposal->figures($shaping);
            $rows['Low end'][$i] = $shaping->percent(min($figures['low'], $figures['high']));
            $rows['High end'][$i] = $shaping->percent(max($figures['low'], $figures['high']));
            $rows['At rest'][$i] = $figures['rest_from'] === $figures['rest_to']
                ? $shaping->percent($figures['rest_from'])
                : $shaping->percent($figures['rest_from']).' to '.$shaping->percent($figures['rest_to']);
        }

        return array_map(fn (array $pair) => [$pair[0], $pair[1]], $rows);
    }

    /** @return array<string, string> what was measured, by name */
    public function facts(): array
    {
        $report = $this->report;
        $width = $report->axis->width();

        return [
            'Ends' => sprintf('%d and %d', $report->low, $report->high),
            'Range used' => Percent::of($report->share()),
            'At rest' => sprintf('%d', $report->rest),
            'Jitter' => sprintf(
                '%.0f, peak %.0f (%s)',
                $report->jitter,
                $report->peak,
                Percent::of($report->peak / $width),
            ),
            'Drift' => sprintf('%+.0f', $report->drift),
            'Steps' => sprintf('%d (%.1f bits)', $report->step, $report->bits()),
            'Spikes' => $report->spikes === 0 ? 'none' : (string) $report->spikes,
            'Flat spots' => self::places($report->flats),
            'Jumps' => self::places($report->jumps),
        ];
    }

    /** @param list<float> $readings */
    private static function places(array $readings): string
    {
        $places = array_values(array_unique(array_map(fn (float $at) => (string) round($at), $readings)));

        return $places === [] ? 'none' : 'at '.implode(', ', array_slice($places, 0, 3)).(
            count($places) > 3 ? ' and '.(count($places) - 3).' more' : ''
        );
    }

    /**
     * @return array<string, array{part: string, words: string, reason: string, isTaken: bool}> what is proposed, by its
     *    name, and whether it is so already
     */
    public function proposals(): array
    {
        $words = [
            'calibrate' => $this->proposed->calibration->inWords(false),
            'steady' => $this->proposed->steady->inWords($this->report->axis->centred) ?: 'No steadying.',
            'dead_zones' => $this->proposed->zones->inWords($this->report->axis->centred) ?: 'No dead zones.',
        ];
        $proposals = [];
        foreach (
            Keys::each(
                ['calibrate' => 'Calibration', 'steady' => 'Steadying', 'dead_zones' => 'Dead zones'],
            ) as $part => $name
        ) {
            $proposals[$name] = [
                'part' => $part,
                'words' => $words[$part],
                'reason' => $this->proposal->reasons[$part],
                'isTaken' => $this->now->parts[$part] == $this->proposed->parts[$part],
            ];
        }

        return $proposals;
    }

    /** The readings over time, one phase after the other, as a path. */
    public function path(): string
    {
        $points = [];
        foreach ($this->phases() as ['phase' => $phase, 'from' => $from, 'start' => $start, 'scale' => $scale]) {
            $trace = $this->sweep->trace($phase);
            $every = max(1, intdiv($trace->count() * count(SweepPhase::cases()), self::POINTS));
            foreach ($trace->readings as $i => $reading) {
                if ($i % $every === 0) {
                    $points[] = sprintf('%.1f %.1f', $from + ($trace->times[$i] - $start) * $scale, $this->y($reading));
                }
            }
        }

        return 'M'.implode('L', $points);
    }

    /**
     * @return list<array{phase: SweepPhase, from: float, to: float, start: int, scale: float}> where each phase lies
     *    across
     */
    public function phases(): array
    {
        $all = array_sum(
            array_map(fn (SweepPhase $phase) => $this->sweep->trace($phase)->length(), SweepPhase::cases()),
        );
        $scale = self::WIDTH / max(1, $all);
        $phases = [];
        $from = 0.0;
        foreach (SweepPhase::cases() as $phase) {
            $trace = $this->sweep->trace($phase);
            $phases[] = [
                'phase' => $phase,
                'from' => $from,
                'to' => $from + $trace->length() * $scale,
                'start' => $trace->times[0] ?? 0,
                'scale' => $scale,
            ];
            $from += $trace->length() * $scale;
        }

        return $phases;
    }

    public function y(float $reading): float
    {
        return round(self::HEIGHT * (1 - ($reading - $this->report->axis->min) / $this->report->axis->width()), 1);
    }
}
