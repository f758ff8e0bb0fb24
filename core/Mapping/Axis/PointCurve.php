<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;

/**
 * A curve through points over the whole 0..1, level outside them: the monotone piecewise cubic of Fritsch and Carlson
 * (SIAM J. Numer. Anal. 17, 1980). Inner tangents are the mean of the two secants, 0 where their signs differ, end
 * tangents the end secants; then from left to right tangents that would overshoot are scaled by 3/sqrt(α²+β²).
 */
final readonly class PointCurve implements CurveKind, Stage
{
    use IsKind;

    public const MOST = 16;

    /**
     * @param non-empty-list<array{float, float}> $points   x strictly rising, y never falling, all 0..1
     * @param list<float>                         $tangents dy/dx at each point
     */
    private function __construct(public array $points, private array $tangents) {}

    public static function kind(): string
    {
        return 'points';
    }

    public static function title(): string
    {
        return 'points';
    }

    public static function about(): string
    {
        return 'A smooth curve through points, which never turns back; level outside them.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required(
            'points',
            'Points',
            new Points(self::MOST),
            'Across and up of each point; across rises, up never falls.',
        ));
    }

    public static function from(FieldValues $given): static
    {
        $points = $given->pairs('points');

        return new self($points, self::tangents($points));
    }

    public function values(): array
    {
        return ['points' => $this->points];
    }

    public function over(bool $centred): self
    {
        return $this;
    }

    public function apply(float $value): float
    {
        $last = count($this->points) - 1;
        if ($value <= $this->points[0][0]) {
            return $this->points[0][1];
        }
        if ($value >= $this->points[$last][0]) {
            return $this->points[$last][1];
        }
        $i = 0;
        while ($value > $this->points[$i + 1][0]) {
            $i++;
        }
        [$x0, $y0] = $this->points[$i];
        [$x1, $y1] = $this->points[$i + 1];
        $width = $x1 - $x0;
        $t = ($value - $x0) / $width;
        $u = 1.0 - $t;
        // Cubic Hermite form; the bounds guard the last digit only.
        $y = $y0 + ($y1 - $y0) * $t * $t * (3.0 - 2.0 * $t) + $width * $t * $u * (
            $this->tangents[$i] * $u - $this->tangents[$i + 1] * $t
        );

        return max($y0, min($y1, $y));
    }

    public function inWords(bool $centred): string
    {
        $inner = array_map(
            fn (array $point) => Percent::at($point[0], $centred).' gives '.Percent::at($point[1], $centred),
            $this->points,
        );

        return 'Through '.count($this->points).' points: '.implode(
            ', ',
            count($inner) > 5 ? [...array_slice($inner, 0, 2), 'and so on', ...array_slice($inner, -2)] : $inner,
        ).'.';
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     *
     * @return list<float>
     */
    private static function tangents(array $points): array
    {
        $secants = [];
        for ($i = 0; $i + 1 < count($points); $i++) {
            $secants[] = ($points[$i + 1][1] - $points[$i][1]) / ($points[$i + 1][0] - $points[$i][0]);
        }
        $last = count($secants);
        $tangents = [];
        for ($i = 0; $i <= $last; $i++) {
            $before = $secants[max(0, $i - 1)];
            $after = $secants[min($last - 1, $i)];
            // At the ends both are the same.
            $tangents[] = ($before + $after) / 2;
        }
        for ($i = 0; $i < $last; $i++) {
            if ($secants[$i] === 0.0) {
                $tangents[$i] = $tangents[$i + 1] = 0.0;

                continue;
            }
            $alpha = $tangents[$i] / $secants[$i];
            $beta = $tangents[$i + 1] / $secants[$i];
            $square = $alpha * $alpha + $beta * $beta;
            if ($square > 9.0) {
                $scale = 3.0 / sqrt($square);
                $tangents[$i] *= $scale;
                $tangents[$i + 1] *= $scale;
            }
        }

        return array_values($tangents);
    }
}
