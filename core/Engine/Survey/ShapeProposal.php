<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Engine\Run\Steadying;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Measured;
use Nailrod\Core\Mapping\Axis\Shaping;

/**
 * What a measured axis should be given: calibration, steadying, dead zones, each with its reason; and what that does.
 */
final readonly class ShapeProposal
{
    /** Parts of an axis that it proposes. */
    public const PARTS = ['calibrate', 'steady', 'dead_zones'];

    /** Dead zones and hold band are a little wider than the trembling they cover, and whole tenths of a percent. */
    private const MARGIN = 1.25;
    private const GRAIN = 1000;

    /** A hold band above this would be felt, as a part of the whole. */
    private const MOST_HOLD = 0.05;
    private const MOST_ZONE = 0.15;

    /**
     * @param array<string, ?array<string, mixed>> $parts   in the open format, by AxisParts; null: none is needed
     * @param array<string, string>                $reasons one sentence for each part
     */
    private function __construct(
        public AxisReport $report,
        public array $parts,
        public array $reasons,
        private Sweep $sweep,
    ) {}

    public static function of(AxisReport $report, Sweep $sweep): self
    {
        $parts = [
            'calibrate' => self::calibration($report),
            'steady' => self::steady($report),
            'dead_zones' => self::zones($report),
        ];

        return new self($report, $parts, self::reasons($report, $parts), $sweep);
    }

    /**
     * What an axis shaped like this gave while it was measured: where it ended, and between what it stood at rest.
     *
     * @return array{low: float, high: float, rest_from: float, rest_to: float} 0..1
     */
    public function figures(Shaping $shaping): array
    {
        $rest = self::shaped($this->sweep->trace(SweepPhase::Rest), $shaping);
        $low = self::shaped($this->sweep->trace(SweepPhase::Low), $shaping);
        $high = self::shaped($this->sweep->trace(SweepPhase::High), $shaping);
        $last = [$rest[count($rest) - 1], ...array_slice($rest, intdiv(count($rest), 10))];

        return [
            'low' => $low[count($low) - 1],
            'high' => $high[count($high) - 1],
            'rest_from' => min($last),
            'rest_to' => max($last),
        ];
    }

    /**
     * The axis with these parts in place of those it has.
     *
     * @param array<string, Node> $others the parts that stay, by name
     */
    public function shaping(array $others): Shaping
    {
        $parts = array_diff_key($others, $this->parts);
        foreach (Keys::each($this->parts) as $part => $value) {
            if ($value !== null) {
                $parts[$part] = Node::of($value, $part);
            }
        }

        return Shaping::read($this->report->axis, $parts);
    }

    /** @return non-empty-list<float> */
    private static function shaped(Trace $trace, Shaping $shaping): array
    {
        $steadying = new Steadying($shaping);
        $values = [];
        foreach ($trace->readings as $reading) {
            $values[] = $shaping->value($steadying->take($reading));
        }

        return $values === [] ? [0.0] : $values;
    }

    /**
     * @param list<string> $taken of PARTS
     *
     * @return array<string, ?array<string, mixed>> those parts as they are proposed, and what was measured to be kept
     * beside them
     */
    public function partsAndFindings(array $taken = self::PARTS): array
    {
        return array_intersect_key($this->parts, array_flip($taken)) + [Measured::part() => $this->measured()];
    }

    /** @return array<string, mixed> */
    private function measured(): array
    {
        $report = $this->report;
        $times = $this->sweep->trace(SweepPhase::Slow)->times;
        $gaps = [];
        for ($i = 1; $i < count($times); $i++) {
            $gaps[] = $times[$i] - $times[$i - 1];
        }

        return [
            'low' => $report->bottom(), 'high' => max($report->top(), $report->bottom() + 1), 'rest' => $report->rest,
            'jitter' => round($report->jitter, 1), 'peak' => round($report->peak, 1), 'step' => $report->step,
            'interval_us' => (int) (new Trace([], $gaps, 0))->median(),
        ];
    }

    /** @return array<string, mixed> */
    private static function calibration(AxisReport $report): array
    {
        $low = max($report->axis->min, min($report->bottom(), $report->axis->max - 2));
        $high = min($report->axis->max, max($report->top(), $low + 2));
        $calibration = ['low' => $low, 'high' => $high];
        if ($report->axis->centred) {
            $calibration['rest'] = max($low + 1, min($high - 1, $report->rest));
        }

        return $calibration + ($report->isReversed() ? ['reverse' => true] : []);
    }

    /** @return ?array<string, mixed> */
    private static function steady(AxisReport $report): ?array
    {
        $hold = $report->jitter > 0.0 ? min(
            self::MOST_HOLD,
            self::up(self::MARGIN * $report->peak * self::perReading($report)),
        ) : 0.0;
        $steady = ($hold > 0.0 ? ['hold' => $hold] : []) + ($report->spikes > 0 ? ['spikes' => true] : []);

        return $steady === [] ? null : $steady;
    }

    /** @return ?array<string, mixed> */
    private static function zones(AxisReport $report): ?array
    {
        if ($report->jitter <= 0.0 && $report->peak <= $report->step) {
            return null;
        }
        $zone = min(self::MOST_ZONE, self::up(self::MARGIN * $report->peak * self::perReading($report)));

        return ['low' => $zone, 'high' => $zone] + ($report->axis->centred ? ['rest' => $zone] : []);
    }

    /** How much travel one reading is at most. */
    private static function perReading(AxisReport $report): float
    {
        if (! $report->axis->centred) {
            return 1 / max(1, $report->top() - $report->bottom());
        }

        return 0.5 / max(1, min($report->rest - $report->bottom(), $report->top() - $report->rest));
    }

    private static function up(float $part): float
    {
        return ceil(self::GRAIN * $part) / self::GRAIN;
    }

    /**
     * @param array<string, ?array<string, mixed>> $parts
     *
     * @return array<string, string>
     */
    private static function reasons(AxisReport $report, array $parts): array
    {
        $trembles = sprintf('it trembles by up to %d readings', (int) ceil($report->peak));

        return [
            'calibrate' => sprintf(
                'Its ends read %d and %d%s, %.0f %% of what the device can report.',
                $report->low,
                $report->high,
                $report->axis->centred ? sprintf(', and %d at rest', $report->rest) : '',
                100 * $report->share(),
            )
                .($report->isReversed() ? ' Its low end has the higher number, so it is turned round.' : ''),
            'steady' => match (true) {
                $parts['steady'] === null => 'It stands still by itself: nothing to steady.',
                isset($parts['steady']['spikes']) => sprintf(
                    '%d single %s out and came back%s.',
                    $report->spikes,
                    $report->spikes === 1 ? 'reading jumped' : 'readings jumped',
                    isset($parts['steady']['hold']) ? ', and '.$trembles : '',
                ),
                default => ucfirst($trembles).', so smaller movements are held.',
            },
            'dead_zones' => $parts['dead_zones'] === null
                ? 'None are needed: it does not tremble.'
                : ucfirst($trembles)
                .'; the zones are a little wider, so that ends'
                .(
                    $report->axis->centred ? ' and rest' : ''
                ).' are reached and kept.',
        ];
    }
}
