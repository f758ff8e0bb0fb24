<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

/**
 * All that is done between the reading of an axis and its value before the stops. The order of PARTS is the order in
 * which they act; the travel of a built axis comes from other axes, so it has no calibration, rotation or steadying.
 */
final readonly class Shaping
{
    public const PARTS = ['calibrate', 'rotation', 'steady', 'dead_zones', 'curve', 'range', 'notches'];

    /** Parts that say how a reading becomes travel. */
    public const OF_READINGS = ['calibrate', 'rotation', 'steady'];

    /** Kept beside the shaping; does nothing by itself. */
    public const MEASURED = 'measured';

    public const STEPS = 65535;

    private function __construct(
        public AxisInput $axis,
        public Calibration $calibration,
        public Rotation $rotation,
        public Steady $steady,
        public DeadZones $zones,
        public Stage $curve,
        public Range $range,
        public Notches $notches,
    ) {}

    /** @param array<string, Node> $parts by the names in PARTS; what is missing is as it comes */
    public static function read(AxisInput $axis, array $parts): self
    {
        if ($axis->isBuilt()) {
            foreach (array_intersect_key($parts, array_flip(self::OF_READINGS)) as $part) {
                throw $part->refuse('no such part, since this axis is built from others');
            }
        }
        $range = Range::read($parts['range'] ?? null);

        return new self(
            $axis,
            Calibration::read($parts['calibrate'] ?? null, $axis),
            Rotation::read($parts['rotation'] ?? null, $axis),
            Steady::read($parts['steady'] ?? null),
            DeadZones::read($parts['dead_zones'] ?? null, $axis->centred),
            Curves::read($parts['curve'] ?? null, $axis->centred),
            $range,
            Notches::read($parts['notches'] ?? null, $range),
        );
    }

    /**
     * Checks parts of which the axis is not known yet: all that can be wrong with them whatever the axis is.
     *
     * @throws \Nailrod\Core\Format\FormatError with the path of what is wrong
     */
    public static function check(Node $parts): void
    {
        foreach (Keys::each($parts->only([...self::PARTS, self::MEASURED])->map()) as $part => $node) {
            if ($node->value === null) {
                continue;
            }
            match ($part) {
                'calibrate' => $node->only(Calibration::FIELDS),
                'rotation' => Rotation::check($node),
                'steady' => Steady::read($node),
                'dead_zones' => DeadZones::read($node, $node->has('rest')),
                'curve' => Curves::read($node, false),
                'range' => Range::read($node),
                'notches' => Notches::read($node, null),
                default => Measured::read($node),
            };
        }
    }

    public function travel(int $reading): float
    {
        return $this->rotation->apply($this->calibration->travel($reading));
    }

    /** The value of a reading before the stops, 0..1; before the notches where they are stepped. */
    public function value(int $reading): float
    {
        return $this->notches->apply($this->shape($this->travel($reading)));
    }

    /** The shaped value of a travel, 0..1: before notches and stops. */
    public function shape(float $travel): float
    {
        return $this->range->apply($this->curve->apply($this->zones->apply($travel)));
    }

    /** The value of a travel before the stops, of an axis that had not moved before. */
    public function settled(float $travel): float
    {
        $value = $this->shape($travel);

        return $this->notches->areStepped() ? $this->notches->at[$this->notches->step(null, $value)] : $this->notches->apply($value);
    }

    /** Travel at rest, 0..1. */
    public function restTravel(): float
    {
        return $this->axis->centred ? 0.5 : 0.0;
    }

    /** What is sent for rest: through curve and range. */
    public function restValue(): float
    {
        return $this->range->apply($this->curve->apply($this->restTravel()));
    }

    /**
     * Travels of every reading that the device can report, from its lowest on.
     *
     * @return list<float>
     */
    public function travels(): array
    {
        return array_map($this->travel(...), range($this->axis->min, $this->axis->max));
    }

    /**
     * What value() gives for every reading that the device can report, from its lowest on.
     *
     * @return list<float>
     */
    public function table(): array
    {
        $table = [];
        for ($reading = $this->axis->min; $reading <= $this->axis->max; $reading++) {
            $table[] = $this->value($reading);
        }

        return $table;
    }

    /** The integer that a controller axis is sent as. */
    public static function integer(float $value): int
    {
        return (int) floor(self::STEPS * $value + 0.5);
    }
}
