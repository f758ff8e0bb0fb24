<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Version;

/**
 * What must be so before a device takes a write, what of it is met, and what to do where it is not. The device judges
 * it once more.
 */
final readonly class Readiness
{
    /** @param list<WriteCondition> $checks in the order in which they are looked at */
    private function __construct(public array $checks) {}

    /**
     * @param Device $device with the firmware that is in it
     * @param UnitIdentity   $told   what the unit says of itself
     * @param ?bool  $isPlugged null if nobody knows, since the rig does not answer
     * @param ?int   $bytes  that are to be written to its memory; null for a firmware, for which
     *                       an old one is no hindrance
     * @param int    $room   of a bank, in bytes
     */
    public static function of(Device $device, UnitIdentity $told, ?bool $isPlugged, ?int $bytes, int $room): self
    {
        if ($isPlugged === null) {
            return new self([
                new WriteCondition(
                    false,
                    'The rig does not answer, so nobody knows whether it is plugged in',
                    'Wait a moment, then try again',
                ),
            ]);
        }
        if (! $isPlugged) {
            return new self([new WriteCondition(false, 'It is unplugged', 'Plug it in')]);
        }
        $checks = [
            new WriteCondition(true, 'It is plugged in'),
            self::board($device, $told),
            self::mode($device, $told),
            $bytes === null ? null : self::firmware($device, $told),
            self::unlock($device, $told),
        ];
        $checks[] = $bytes === null ? null : self::room($bytes, $room);

        return new self(array_values(array_filter($checks)));
    }

    private static function room(int $bytes, int $room): WriteCondition
    {
        return $bytes <= $room ? new WriteCondition(
            true,
            sprintf('There is room: %d of %d bytes', $bytes, $room),
        ) : new WriteCondition(
            false,
            sprintf('It takes %d bytes, and a bank holds %d', $bytes, $room),
            'Assign fewer of its controls',
        );
    }

    private static function board(Device $device, UnitIdentity $told): ?WriteCondition
    {
        $wanted = $device->onboard->board;

        return match (true) {
            $wanted === null && $told->board === null => null,
            $wanted === $told->board => new WriteCondition(true, 'Its board is '.$wanted),
            default => new WriteCondition(
                false,
                sprintf(
                    'It says that its board is %s, and its file says %s',
                    $told->board ?? 'none',
                    $wanted ?? 'none',
                ),
                'Take another unit, or the device file of this one',
            ),
        };
    }

    private static function mode(Device $device, UnitIdentity $told): ?WriteCondition
    {
        if ($told->mode === null) {
            return null;
        }
        $mode = $device->mode($told->mode);
        if ($mode !== null && StandInPort::takesWrites($device, $mode)) {
            return new WriteCondition(true, 'Its mode is "'.$mode->name.'"');
        }
        $wanted = $mode === null ? null : StandInPort::wanted($device, $mode);

        return new WriteCondition(
            false,
            $mode === null ? 'It is in a mode that its file does not know'
                : 'It is in the mode "'
                .$mode->name
                .'", in which it takes no write',
            $wanted === null ? 'Put it back into the mode that it had' : $wanted->setBy,
        );
    }

    private static function firmware(Device $device, UnitIdentity $told): ?WriteCondition
    {
        $least = $device->keeps()?->firmware;

        return match (true) {
            $least === null => $told->firmware === null ? null : new WriteCondition(
                true,
                'Its firmware is '.$told->firmware,
            ),
            Version::isOlder($told->firmware, $least) => new WriteCondition(
                false,
                sprintf('Its firmware is %s, and a write needs %s', $told->firmware ?? 'unknown', $least),
                'Give it a newer firmware',
            ),
            default => new WriteCondition(true, sprintf('Its firmware is %s; %s is needed', $told->firmware, $least)),
        };
    }

    private static function unlock(Device $device, UnitIdentity $told): ?WriteCondition
    {
        $unlock = $device->onboard->unlock;

        return match (true) {
            $unlock === null || $told->open === null => null,
            $told->open > 0 => new WriteCondition(true, sprintf('It lets a write in for %d s more', $told->open)),
            default => new WriteCondition(
                false,
                'It lets no write in now',
                sprintf('%s: then a write can begin for %d s', $unlock->by, $unlock->seconds),
            ),
        };
    }

    public function isMet(): bool
    {
        return $this->why() === null;
    }

    /** The first thing that is not met, and what to do; null if all is. */
    public function why(): ?string
    {
        foreach ($this->checks as $check) {
            if (! $check->isMet) {
                return $check->inWords();
            }
        }

        return null;
    }
}
