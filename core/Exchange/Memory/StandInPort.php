<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\Fault\Sent;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Mode;
use Nailrod\Core\Rig\Device\Version;

/**
 * A stand-in at the end of its cable, which judges a write itself as a device does: its mode, whether a hand has let it
 * in, its firmware. It is judged at the first byte; a write that has begun may end. What is wrong with the unit happens
 * here.
 */
final class StandInPort implements DevicePort
{
    private ?Sent $sent = null;

    /**
     * @param \Closure(): int $clock      the device's own, in ms
     * @param bool           $isFirmware is it the room of its firmware, for which an old one is no hindrance?
     */
    public function __construct(
        private readonly MemoryPort $memory,
        private readonly Device $device,
        private readonly UnitState $state,
        private readonly \Closure $clock,
        private readonly bool $isFirmware = false,
    ) {}

    public function tells(): UnitIdentity
    {
        $device = $this->device;
        $told = new UnitIdentity(
            $this->state->serial,
            $device->onboard->board,
            $device->onboard->firmware,
            $this->state->modeOf($device)?->id,
            $this->state->open($device, ($this->clock)()),
        );

        return $this->state->fault?->tells($told, $device) ?? $told;
    }

    public function size(): int
    {
        return $this->memory->size();
    }

    public function banks(): int
    {
        return $this->memory->banks();
    }

    /** @throws DeviceRefuses if somebody else is writing to it */
    public function alone(callable $do): mixed
    {
        if ($this->sent !== null) {
            throw DeviceRefuses::busy();
        }
        $this->sent = new Sent;
        try {
            return $this->memory->alone($do);
        } finally {
            $this->sent = null;
        }
    }

    public function read(int $offset, int $length): string
    {
        $this->state->fault?->read($this->sent);

        return $this->memory->read($offset, $length);
    }

    /** @throws DeviceRefuses if it does not let the write in */
    public function write(int $offset, string $bytes): void
    {
        $sent = $this->sent ?? new Sent;
        if ($sent->bytes === 0) {
            $this->judge();
        }
        if ($this->state->fault === null) {
            $this->memory->write($offset, $bytes);
        } else {
            $this->state->fault->write($this->memory, $offset, $bytes, $sent, $this);
        }
        $sent->bytes += strlen($bytes);
    }

    private function judge(): void
    {
        $told = $this->tells();
        [$onboard, $keeps] = [$this->device->onboard, $this->device->keeps()];
        $mode = $this->device->mode((string) $told->mode);
        if ($told->mode !== null && $mode === null) {
            throw DeviceRefuses::unknownMode();
        }
        if ($mode !== null && ! self::takesWrites($this->device, $mode)) {
            throw DeviceRefuses::inMode($mode->name, self::wanted($this->device, $mode));
        }
        if ($onboard->unlock !== null && $told->open === 0) {
            throw DeviceRefuses::locked($onboard->unlock);
        }
        if (! $this->isFirmware && $keeps?->firmware !== null && Version::isOlder($told->firmware, $keeps->firmware)) {
            throw DeviceRefuses::firmware($told->firmware ?? 'none', $keeps->firmware);
        }
        if ($told->board !== $onboard->board) {
            throw DeviceRefuses::board((string) $told->board, (string) $onboard->board);
        }
    }

    public static function takesWrites(Device $device, Mode $mode): bool
    {
        return $mode->writable && in_array($device->keeps()?->mode, [null, $mode->id], true);
    }

    /** The first mode in which a device takes a write; the given one if there is none. */
    public static function wanted(Device $device, Mode $else): Mode
    {
        return array_values(
            array_filter($device->onboard->modes, fn (Mode $mode) => self::takesWrites($device, $mode)),
        )[0] ?? $else;
    }
}
