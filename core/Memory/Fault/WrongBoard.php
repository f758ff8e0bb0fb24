<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory\Fault;

use Nailrod\Core\Device\Device;
use Nailrod\Core\Memory\Told;

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

    public function tells(Told $told, Device $device): Told
    {
        return $told->onBoard('X');
    }
}
