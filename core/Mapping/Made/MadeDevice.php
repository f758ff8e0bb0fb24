<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Kind\MadeControl;

/** What a set makes from axes, as a device with a control for each, so that it is shown and assigned like any other. */
final class MadeDevice
{
    private const WIDTH = 900;
    private const ROW = 92;
    private const MARGIN = 50;

    /** @param array<string, Made> $made by id */
    public static function of(array $made): ?Device
    {
        $controls = [];
        $y = self::MARGIN;
        foreach (Keys::each($made) as $id => $one) {
            $rows = max(1, (int) ceil(count($one->contacts()) / 4));
            $controls[] = new Control(
                Made::DEVICE.'/'.$id,
                $one->name(),
                mb_substr($one->name(), 0, 20),
                new MadeControl,
                $one->axes(),
                $one->contacts(),
                intdiv(self::WIDTH, 2),
                $y + intdiv(self::ROW, 2),
            );
            $y += self::ROW * ($rows + 1);
        }

        return $controls === [] ? null : new Device(
            Made::DEVICE,
            'Made',
            'made from axes',
            true,
            $controls,
            [],
            self::WIDTH,
            $y + self::MARGIN,
        );
    }
}
