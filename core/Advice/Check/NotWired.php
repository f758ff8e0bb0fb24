<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Settings;

/** Something is assigned to an input of a device that is not wired, as its setting says. */
final class NotWired implements LooksAtPart
{
    public const KIND = 'not wired';

    public static function section(): string
    {
        return Settings::name();
    }

    public function findings(Desk $desk): iterable
    {
        $missing = $desk->set->unwired();
        foreach ($missing === [] ? [] : $desk->assignments() as [$spot, $cell, , $key]) {
            if (isset($missing[$spot->ref]) && ! $cell->isNothing()) {
                $device = $desk->set->rig->deviceNameOf($spot->ref);
                yield new Finding(
                    self::KIND,
                    $key,
                    sprintf(
                        '%s is assigned, and %s has only %d inputs wired.',
                        $desk->at($spot),
                        $device,
                        $missing[$spot->ref],
                    ),
                    [$spot],
                    parts: [PartPath::setting(explode('/', $spot->ref)[0], Setting::WIRED)],
                );
            }
        }
    }
}
