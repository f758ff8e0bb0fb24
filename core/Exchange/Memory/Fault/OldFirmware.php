<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Rig\Device\Device;

/** The firmware of the device is older than all that take a write. */
final readonly class OldFirmware implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'old firmware';
    }

    public static function title(): string
    {
        return 'its firmware is too old';
    }

    public function tells(UnitIdentity $told, Device $device): UnitIdentity
    {
        return $told->withFirmware('0.1');
    }
}
