<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** What a device has at hand when it works alone. */
interface DeviceByItself
{
    /** Does it have all axes that the stop holds, and all contacts that open it? */
    public function hasStop(string $stop): bool;

    /** Does a contact of it raise the flag, or does nobody? */
    public function raises(string $flag): bool;

    /** Is the layer that is live decided by what it keeps alone? */
    public function decidesLayers(): bool;

    /** @param string $ref of an input: is it on the device, or made from nothing but its axes? */
    public function isOwn(string $ref): bool;

    /** Can it play the macro by itself, with all its steps? */
    public function canPlay(string $macro): bool;

    /** Is the lamp one of its own? */
    public function hasLamp(string $lamp): bool;
}
