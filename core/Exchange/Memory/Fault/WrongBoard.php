<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory\Fault;

use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Rig\Device\Device;

/** The device has another circuit board than its file says. */
final readonly class WrongBoard implements Fault
{
    use IsFault;

    public static function kind(): string
    {
        return 'wrong board';
    }

    public static function title(): string
    {
        return 'it has another board';
    }

    public function tells(UnitIdentity $told, Device $device): UnitIdentity
    {
        return $told->onBoard('X');
    }
}
