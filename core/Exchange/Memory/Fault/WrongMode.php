<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\StandInPort;
use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Mode;

/** The device is in a mode in which it takes no write, or in one that nobody knows. */
final readonly class WrongMode implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'wrong mode';
    }

    public static function title(): string
    {
        return 'it is in another mode';
    }

    public function tells(UnitIdentity $told, Device $device): UnitIdentity
    {
        $others = array_filter($device->onboard->modes, fn (Mode $mode) => ! StandInPort::takesWrites($device, $mode));

        return $told->inMode(array_key_first($others) ?? 'unknown');
    }
}
