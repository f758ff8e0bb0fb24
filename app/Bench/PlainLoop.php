<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Axis\Shaping;

/**
 * What a careful hand would write for one lever, all in line: median of three, hold band, look-up, a stop that is shut,
 * change detection, and one threshold with its hysteresis.
 */
final class PlainLoop
{
    /** @var list<float> */
    private readonly array $travels;

    /** @var list<float> */
    private readonly array $values;

    private int $a = -1;

    private int $b = -1;

    private float $held = -1.0;

    private int $standing = 0;

    private int $integer = -1;

    private bool $closed = false;

    public function __construct(
        Shaping $shaping,
        private readonly float $stop,
        private readonly float $hold,
        private readonly float $closes,
        private readonly float $opens,
    ) {
        $this->travels = array_map($shaping->travel(...), range($shaping->axis->min, $shaping->axis->max));
        $this->values = $shaping->table();
    }

    /**
     * @param list<Input> $samples
     *
     * @return list<array{int, int}> time and value of each change: the integer of the axis, or 0 or 1 of the threshold
     */
    public function feed(array $samples): array
    {
        $changes = [];
        $travels = $this->travels;
        $values = $this->values;
        [$a, $b, $held, $standing, $integer, $closed] = [
            $this->a,
            $this->b,
            $this->held,
            $this->standing,
            $this->integer,
            $this->closed,
        ];
        foreach ($samples as $sample) {
            $c = (int) $sample->value;
            if ($a < 0) {
                $a = $b = $c;
            }
            $reading = max(min($a, $b), min(max($a, $b), $c));
            $a = $b;
            $b = $c;
            $travel = $travels[$reading];
            $off = $travel - $held;
            if ($off > $this->hold || $off < -$this->hold || $travel === 0.0 || $travel === 1.0) {
                $held = $travel;
                $standing = $reading;
            }
            $value = $values[$standing];
            if ($value > $this->stop) {
                $value = $this->stop;
            }
            $next = (int) (65535 * $value + 0.5);
            if ($next !== $integer) {
                $integer = $next;
                $changes[] = [$sample->t, $integer];
            }
            if ($closed ? $held > $this->opens : $held <= $this->closes) {
                $closed = ! $closed;
                $changes[] = [$sample->t, (int) $closed];
            }
        }
        [
            $this->a,
            $this->b,
            $this->held,
            $this->standing,
            $this->integer,
            $this->closed,
        ] = [$a, $b, $held, $standing, $integer, $closed];

        return $changes;
    }
}
