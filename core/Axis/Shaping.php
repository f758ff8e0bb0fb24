<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;

/**
 * All that is done between the reading of an axis and its shaped value, but for the stops. The order of the stages is
 * the order of PARTS; a new stage is one class and one line here.
 */
final readonly class Shaping
{
    public const PARTS = ['calibrate', 'dead_zones', 'curve', 'range'];
    public const STEPS = 65535;

    /** @param list<Stage> $stages */
    private function __construct(public AxisInput $axis, public Calibration $calibration, public array $stages) {}

    /** @param array<string, Node> $parts by the names in PARTS; what is missing is as it comes */
    public static function read(AxisInput $axis, array $parts): self
    {
        return new self($axis, Calibration::read($parts['calibrate'] ?? null, $axis), [
            DeadZones::read($parts['dead_zones'] ?? null, $axis->centred),
            Expo::read($parts['curve'] ?? null, $axis->centred),
            Range::read($parts['range'] ?? null),
        ]);
    }

    /**
     * Checks parts of which the axis is not known yet: all that can be wrong with them whatever the axis is.
     *
     * @throws \Nailrod\Core\Format\FormatError with the path of what is wrong
     */
    public static function check(Node $parts): void
    {
        foreach ($parts->only(self::PARTS)->map() as $part => $node) {
            if ($node->value === null) {
                continue;
            }
            match ($part) {
                'calibrate' => $node->only(['low', 'high', 'rest', 'reverse']),
                'dead_zones' => DeadZones::read($node, $node->has('rest')),
                'curve' => Expo::read($node, false),
                default => Range::read($node),
            };
        }
    }

    public function travel(int $reading): float
    {
        return $this->calibration->travel($reading);
    }

    /** The shaped value of a reading, 0..1. */
    public function value(int $reading): float
    {
        return $this->shape($this->calibration->travel($reading));
    }

    /** The shaped value of a travel, 0..1. */
    public function shape(float $travel): float
    {
        foreach ($this->stages as $stage) {
            $travel = $stage->apply($travel);
        }

        return $travel;
    }

    /**
     * The shaped value of every reading that the device can report, from its lowest on.
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
