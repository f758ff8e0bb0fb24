<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** What is not perfect about an axis of a stand-in: it does not reach its ends, and its readings tremble. */
final readonly class Play
{
    /**
     * @param float $from  where its low end lies, as a part of the range that the device can report
     * @param float $to    the same of its high end
     * @param int   $noise how far a reading can lie beside the true one, in readings
     */
    public function __construct(public float $from, public float $to, public int $noise) {}

    public function low(AxisInput $axis): int
    {
        return $axis->min + (int) round($this->from * $axis->width());
    }

    public function high(AxisInput $axis): int
    {
        return $axis->min + (int) round($this->to * $axis->width());
    }

    public function rest(AxisInput $axis): int
    {
        return $axis->centred ? intdiv($this->low($axis) + $this->high($axis) + 1, 2) : $this->low($axis);
    }
}
