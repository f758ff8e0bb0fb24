<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory\Fault;

use Nailrod\Core\Device\Device;
use Nailrod\Core\Memory\Told;

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

    public function tells(Told $told, Device $device): Told
    {
        return $told->withFirmware('0.1');
    }
}
