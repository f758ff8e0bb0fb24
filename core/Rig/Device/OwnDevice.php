<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** What needs no plug and no file: it is at every computer, and can become a device of the rig, once. */
interface OwnDevice
{
    /** Its id, if no other device has it. */
    public static function id(): string;

    /** What it is, in words, for who may add it. */
    public static function offer(): string;

    /** @return array<string, mixed> the device in the open format `nailrod-device` */
    public static function document(): array;

    public static function isIn(Rig $rig): bool;
}
