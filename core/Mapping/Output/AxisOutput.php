<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that an axis can drive. */
interface AxisOutput extends Output
{
    /** Kind of the event it sends. */
    public function event(): string;

    public function target(): string;

    /**
     * What is sent.
     *
     * @param float $value   after the stops, 0..1
     * @param int   $integer the same as 0..65535
     */
    public function send(float $value, int $integer): int|float;
}
