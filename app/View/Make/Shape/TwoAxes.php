<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\View\Place;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Made\BuiltAxis;
use Nailrod\Core\Mapping\Made\Directions;

/** Two axes as one picture: a stick from above, or a pair of levers against each other. */
final readonly class TwoAxes
{
    public const SIZE = 440;
    public const MARGIN = 30;

    private function __construct(public Place $place, public Shaping $across, public Shaping $along) {}

    public static function of(Place $place, string $across, string $along): ?self
    {
        $shapings = $place->set->shapings;

        return isset($shapings[$across], $shapings[$along]) && $across !== $along ? new self(
            $place,
            $shapings[$across],
            $shapings[$along],
        ) : null;
    }

    /**
     * The axis that a picture of two is naturally made with: the other one of a stick, the other lever of a built axis.
     */
    public static function partnerOf(Place $place, string $ref): string
    {
        $made = $place->set->made;
        foreach ($place->set->rig->controlOf($ref)->axes ?? [] as $axis) {
            if ($axis->ref !== $ref) {
                return $axis->ref;
            }
        }
        foreach ($made as $one) {
            foreach (in_array($ref, $one->sources(), true) ? $one->sources() : [] as $source) {
                if ($source !== $ref) {
                    return $source;
                }
            }
        }
        $shaping = $place->set->shapings[$ref] ?? null;
        foreach ($place->set->shapings as $other => $candidate) {
            if (
                $other !== $ref && $shaping !== null
                    && $candidate->axis->centred === $shaping->axis->centred
                    && $place->set->rig->controlOf($other)?->kind == $place->set->rig->controlOf($ref)?->kind
                    && explode('/', $other)[0] === explode('/', $ref)[0]
            ) {
                return $other;
            }
        }

        return '';
    }

    public function isStick(): bool
    {
        return $this->across->axis->centred && $this->along->axis->centred;
    }

    public function x(float $part): float
    {
        return round(self::MARGIN + self::SIZE * $part, 1);
    }

    /** North of a stick is low, a lever goes up. */
    public function y(float $part): float
    {
        return round(self::MARGIN + self::SIZE * ($this->isStick() ? $part : 1.0 - $part), 1);
    }

    /**
     * @return list<array{x: float, y: float, width: float, height: float}> where the dead zones lie, as bars over the
     *    whole
     */
    public function zones(): array
    {
        $bars = [];
        foreach ([[$this->across, true], [$this->along, false]] as [$shaping, $isAcross]) {
            $zones = $shaping->zones;
            foreach (
                [
                    [0.0, $zones->low],
                    [0.5 - $zones->rest, 0.5 + $zones->rest],
                    [1.0 - $zones->high, 1.0],
                ] as [$from, $to]
            ) {
                if ($to > $from) {
                    $bars[] = $isAcross
                        ? [
                            'x' => $this->x($from),
                            'y' => (float) self::MARGIN,
                            'width' => self::SIZE * ($to - $from),
                            'height' => (float) self::SIZE,
                        ]
                        : [
                            'x' => (float) self::MARGIN,
                            'y' => min($this->y($from), $this->y($to)),
                            'width' => (float) self::SIZE,
                            'height' => self::SIZE * ($to - $from),
                        ];
                }
            }
        }

        return $bars;
    }

    /** @return array<string, Directions> directions that are made from these two, by id */
    public function directions(): array
    {
        $wanted = [$this->across->axis->ref, $this->along->axis->ref];

        return array_filter(
            $this->place->set->made,
            fn ($made) => $made instanceof Directions && array_diff($wanted, $made->sources()) === [],
        );
    }

    /** @return array<string, BuiltAxis> axes that are built from these two, by id */
    public function built(): array
    {
        $wanted = [$this->across->axis->ref, $this->along->axis->ref];

        return array_filter(
            $this->place->set->made,
            fn ($made) => $made instanceof BuiltAxis && array_diff($wanted, $made->sources()) === [],
        );
    }

    /**
     * @return array<string, array{path: string, x: float, y: float}> lines along which a built axis gives the same, and
     *    where that is written, by what it gives there
     */
    public function contours(BuiltAxis $built): array
    {
        $turned = $built->sources()[0] !== $this->across->axis->ref;
        $give = fn (float $x, float $y): float => $built->travels($turned ? [$y, $x] : [$x, $y])[0];
        $contours = [];
        foreach ([0.2, 0.4, 0.6, 0.8] as $wanted) {
            $points = [];
            for ($i = 0; $i <= 60; $i++) {
                $x = $i / 60;
                [$low, $high] = [0.0, 1.0];
                if (($give($x, $low) - $wanted) * ($give($x, $high) - $wanted) > 0.0) {
                    continue;
                }
                $rises = $give($x, $high) > $give($x, $low);
                for ($n = 0; $n < 20; $n++) {
                    $middle = ($low + $high) / 2;
                    ($give($x, $middle) < $wanted) === $rises ? $low = $middle : $high = $middle;
                }
                $points[] = [$this->x($x), $this->y($low)];
            }
            if (count($points) > 1) {
                $contours[Percent::at($wanted, $built->centred)] = [
                    'path' => 'M'.implode('L', array_map(fn (array $point) => $point[0].' '.$point[1], $points)),
                    'x' => $points[intdiv(count($points), 2)][0], 'y' => $points[intdiv(count($points), 2)][1],
                ];
            }
        }

        return $contours;
    }
}
