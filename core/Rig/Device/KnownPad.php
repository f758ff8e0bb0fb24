<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** A real controller that was seen before: its model, where it was plugged in, how its axes were when it went. */
final readonly class KnownPad
{
    /**
     * @param ?int        $slot  the browser's number for it; null if it was never plugged in
     * @param list<float> $axes  the last values, -1 to 1
     */
    public function __construct(
        public string $device,
        public string $model,
        public ?int $slot,
        public bool $isPlugged,
        public array $axes,
    ) {}

    /**
     * How far its axes are from these, all together; of axes that only one of them has, nothing.
     *
     * @param list<float> $axes
     */
    public function distance(array $axes): float
    {
        $distance = 0.0;
        foreach ($axes as $i => $value) {
            $distance += abs($value - ($this->axes[$i] ?? $value));
        }

        return $distance;
    }
}
