<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** A device of the computer that works the rig only while a page listens to it. */
interface HeardDevice extends OwnDevice
{
    /** What the button is called that listens to it. */
    public static function short(): string;

    /** How it works the rig while a page listens, in a sentence. */
    public static function listening(): string;

    /**
     * Where a page reports what it hears.
     *
     * @return array<array-key, mixed> empty if the rig does not have the device
     */
    public static function inputs(Rig $rig): array;
}
