<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Rig\Device\Control;

/** What one control of a device does, and the place on another device that it would go to. */
final readonly class DeviceMatch
{
    /**
     * @param Control               $control of the old device
     * @param array<string, string> $refs    new reference by old one; empty if there is no place
     * @param string                $why     why there, or why nowhere
     */
    public function __construct(public Control $control, public array $refs, public string $why) {}
}
