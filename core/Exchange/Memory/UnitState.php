<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\Fault\Fault;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Mode;

/**
 * How a unit is: its serial, the mode that a hand has put it into, when a hand let a write in, what is wrong with it.
 */
final readonly class UnitState
{
    /**
     * @param ?int   $pressed when a hand did what lets a write in, in ms of the device's clock; null: never
     * @param ?Fault $fault   put on it to try out what happens
     */
    public function __construct(
        public ?string $serial = null,
        public ?string $mode = null,
        public ?int $pressed = null,
        public ?Fault $fault = null,
    ) {}

    /** A hand moves the slide at its back: what let a write in before does so no more. */
    public function slid(string $mode): self
    {
        return new self($this->serial, $mode, null, $this->fault);
    }

    /** @param int $now in ms of the device's clock */
    public function pressed(int $now): self
    {
        return new self($this->serial, $this->mode, $now, $this->fault);
    }

    public function under(?Fault $fault): self
    {
        return new self($this->serial, $this->mode, $this->pressed, $fault);
    }

    /** The mode that a unit of a device is in; null if there is but one. */
    public function modeOf(Device $device): ?Mode
    {
        return $device->mode((string) $this->mode) ?? (array_values($device->onboard->modes)[0] ?? null);
    }

    /**
     * For how long a write can still begin, in s; null: at any time.
     *
     * @param int $now in ms of the device's clock
     */
    public function open(Device $device, int $now): ?int
    {
        $unlock = $device->onboard->unlock;

        return match (true) {
            $unlock === null => null,
            $this->pressed === null || $now < $this->pressed => 0,
            default => max(0, (int) ceil(($this->pressed + 1000 * $unlock->seconds - $now) / 1000)),
        };
    }
}
