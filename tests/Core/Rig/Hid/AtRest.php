<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Hid;

use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Wiring\Wiring;

/** What a device reports while nobody touches it. */
final class AtRest
{
    /** @return array<string, int> by port, of all that it reports */
    public static function of(Device $device): array
    {
        $wiring = Wiring::of($device);
        $rest = [];
        foreach (
            array_keys(ReportDescriptor::parse((string) hex2bin((string) $device->descriptor))->inputs) as $report
        ) {
            $rest += $wiring->read($wiring->report($report, []));
        }

        // Ticks are only read when there are some.
        foreach ($device->controls as $control) {
            $rest += $control->encoder === null ? [] : [$control->ref => 0];
        }

        return $rest;
    }
}
