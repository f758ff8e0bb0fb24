<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\FormatError;

/** Curves through points that are fitted to what a hand wants: "when I press this hard, send 60 %". */
final readonly class CurveFit
{
    /** A point that is nearer than this to a wish is replaced by it, as a part of the whole across. */
    private const NEAR = 0.03;

    private const GRAIN = 4;

    public function __construct(private Shaping $shaping) {}

    /**
     * The present curve as points that can be dragged: its own, or five on the line that it is.
     *
     * @return list<array{float, float}>
     */
    public function points(): array
    {
        $curve = $this->shaping->curve;
        if ($curve instanceof PointCurve) {
            return $curve->points;
        }

        return array_map(fn (float $x) => [$x, round($curve->apply($x), self::GRAIN)], [0.0, 0.25, 0.5, 0.75, 1.0]);
    }

    /**
     * One more point on the line as it is, so that nothing changes until it is dragged. Where one lies already, it is
     * put into the middle of the widest gap instead.
     *
     * @param float $travel 0..1, before the dead zones
     *
     * @return list<array{float, float}>
     */
    public function withPointAt(float $travel): array
    {
        $points = $this->points();
        $x = self::apart(
            round($this->shaping->zones->apply($travel), self::GRAIN),
            array_column($points, 0),
            self::NEAR,
        );
        $points[] = [$x, round($this->shaping->curve->apply($x), self::GRAIN)];

        return $this->sorted($points);
    }

    /**
     * A place that is not near to any of those that are taken: the wish itself, or the middle of the widest gap.
     *
     * @param list<float> $taken rising, 0..1
     * @param float       $near  0..1
     */
    public static function apart(float $wish, array $taken, float $near): float
    {
        if (array_filter($taken, fn (float $other) => abs($other - $wish) < $near) === []) {
            return $wish;
        }
        [$from, $widest] = [0.0, -1.0];
        $ends = [0.0, ...$taken, 1.0];
        for ($i = 1; $i < count($ends); $i++) {
            if ($ends[$i] - $ends[$i - 1] > $widest + 1e-9) {
                [$from, $widest] = [$ends[$i - 1], $ends[$i] - $ends[$i - 1]];
            }
        }

        return round($from + $widest / 2, self::GRAIN);
    }

    /**
     * The curve that sends this much at this travel, through as much of the present one as does not contradict.
     *
     * @param float $travel     where the hand is, 0..1, before the dead zones
     * @param float $sent       what is to be sent there, 0..1, before notches and stops
     * @param bool  $bothHalves of a centred axis: the other half is to be alike
     *
     * @return list<array{float, float}>
     *
     * @throws FormatError
     */
    public function sending(float $travel, float $sent, bool $bothHalves): array
    {
        $centred = $this->shaping->axis->centred;
        $range = $this->shaping->range;
        $x = round($this->shaping->zones->apply($travel), self::GRAIN);
        $y = round(($sent - $range->low) / ($range->high - $range->low), self::GRAIN);
        if ($y < 0.0 || $y > 1.0) {
            throw FormatError::told(
                'sends',
                Percent::at($sent, $centred),
                'something within the range, '
                    .Percent::at($range->low, $centred)
                    .' to '
                    .Percent::at($range->high, $centred),
            );
        }
        if ($x <= 0.0 || $x >= 1.0 || ($centred && $x === 0.5)) {
            throw FormatError::told(
                'where the hand is',
                Percent::at($travel, $centred),
                'a place between rest and the end, outside the dead zones',
            );
        }
        if ($centred && ($x < 0.5) !== ($y < 0.5) && $y !== 0.5) {
            throw FormatError::told(
                'sends',
                Percent::at($sent, $centred),
                'something on the side of the centre where the hand is',
            );
        }
        $points = $this->shaping->curve instanceof PointCurve ? $this->shaping->curve->points : (
            $centred ? [[0.0, 0.0], [0.5, 0.5], [1.0, 1.0]] : [[0.0, 0.0], [1.0, 1.0]]
        );
        $points = $this->through($points, $x, $y);

        return $centred && $bothHalves ? $this->through(
            $points,
            round(1.0 - $x, self::GRAIN),
            round(1.0 - $y, self::GRAIN),
        ) : $points;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function through(array $points, float $x, float $y): array
    {
        $kept = [];
        foreach ($points as [$px, $py]) {
            $isAnchor = $px === 0.0 || $px === 1.0 || ($this->shaping->axis->centred && $px === 0.5);
            $contradicts = ($px < $x && $py > $y) || ($px > $x && $py < $y);
            if ($isAnchor || (! $contradicts && abs($px - $x) >= self::NEAR)) {
                $kept[] = [$px, $contradicts ? $y : $py];
            }
        }
        $kept[] = [$x, $y];

        return $this->sorted($kept);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function sorted(array $points): array
    {
        if (count($points) > PointCurve::MOST) {
            throw FormatError::told(
                'the curve',
                count($points).' points',
                'at most '.PointCurve::MOST.'; take one away first',
            );
        }
        usort($points, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return $points;
    }
}
