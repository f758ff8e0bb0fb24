<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * All that is done between the reading of an axis and its value before the stops. The order of AxisParts is the order
 * in which they act; the travel of a built axis comes from other axes, so it has no calibration, rotation or steadying.
 */
final readonly class Shaping
{
    public const STEPS = 65535;

    public Calibration $calibration;

    public Rotation $rotation;

    public Steady $steady;

    public DeadZones $zones;

    public Stage $curve;

    public Range $range;

    public Notches $notches;

    /**
     * @var list<Stage> what makes the shaped value of a travel, in the order in which it acts; what is as it comes
     *    changes nothing, and is left out
     */
    private array $stages;

    /**
     * @param array<string, AxisPart> $parts by the word in the file
     * @param array<string, Node>     $said  those that are not as they come
     */
    private function __construct(public AxisInput $axis, public array $parts, array $said)
    {
        $this->calibration = self::one($parts, Calibration::class);
        $this->rotation = self::one($parts, Rotation::class);
        $this->steady = self::one($parts, Steady::class);
        $this->zones = self::one($parts, DeadZones::class);
        $this->curve = self::one($parts, Curve::class)->stage;
        $this->range = self::one($parts, Range::class);
        $this->notches = self::one($parts, Notches::class);
        $stages = [];
        foreach (array_intersect_key($parts, $said) as $part) {
            if ($part instanceof Curve) {
                $stages[] = $part->stage;
            } elseif ($part instanceof Stage && ! $part::isOfReadings()) {
                $stages[] = $part;
            }
        }
        $this->stages = $stages;
    }

    /**
     * @template T of AxisPart
     *
     * @param array<string, AxisPart> $parts
     * @param class-string<T>         $class
     *
     * @return T
     */
    private static function one(array $parts, string $class): AxisPart
    {
        $part = $parts[$class::part()];

        return $part instanceof $class ? $part : throw new \LogicException('Every axis has all parts.');
    }

    /**
     * @param array<string, Node> $parts by the words in the file; what is missing is as it comes
     *
     * @throws FormatError if a part does not fit the axis
     */
    public static function read(AxisInput $axis, array $parts): self
    {
        if ($axis->isBuilt()) {
            foreach (array_intersect_key($parts, array_flip(AxisParts::ofReadings())) as $part) {
                throw $part->refuse('no such part, since this axis is built from others');
            }
        }
        $read = [];
        $range = Range::read($parts[Range::part()] ?? null, $axis);
        foreach (AxisParts::all() as $name => $class) {
            if ($class !== Measured::class) {
                $read[$name] = $class === Range::class ? $range : $class::read($parts[$name] ?? null, $axis, $range);
            }
        }

        return new self($axis, $read, $parts);
    }

    /**
     * Where a wheel is at a reading: degrees from its middle; null for what is no wheel. Readings span all that it
     * turns, whatever of it is used.
     */
    public function angle(int $reading): ?float
    {
        $degrees = $this->axis->isBuilt() ? null : $this->rotation->degrees;

        return $degrees === null ? null : ($this->calibration->travel($reading) - 0.5) * $degrees;
    }

    /**
     * Checks parts of which the axis is not known yet: all that can be wrong with them whatever the axis is.
     *
     * @throws FormatError with the path of what is wrong
     */
    public static function check(Node $parts): void
    {
        $all = AxisParts::all();
        foreach (Keys::each($parts->only(array_keys($all))->map()) as $part => $node) {
            if ($node->value !== null) {
                $all[$part]::check($node);
            }
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
        foreach ($this->stages as $stage) {
            $travel = $stage->apply($travel);
        }

        return $travel;
    }

    /** The value of a travel before the stops, of an axis that had not moved before. */
    public function settled(float $travel): float
    {
        $value = $this->shape($travel);

        return $this->notches->areStepped()
            ? $this->notches->at[$this->notches->step(null, $value)]
            : $this->notches->apply($value);
    }

    /** Is the value the travel itself? */
    public function isAsItComes(): bool
    {
        return $this->stages === [] && $this->notches->at === [];
    }

    /** Travel at rest, 0..1. */
    public function restTravel(): float
    {
        return $this->axis->centred ? 0.5 : 0.0;
    }

    /** What is sent for rest: it goes through all stages that a value passes, notches among them, and no stop. */
    public function restValue(): float
    {
        return $this->settled($this->restTravel());
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

    /** A part of the way as a person reads it: 0 to 100 %, of a centred axis -100 to +100 %. */
    public function percent(float $part): string
    {
        return $this->axis->centred ? Percent::signed($part) : Percent::steady($part);
    }
}
