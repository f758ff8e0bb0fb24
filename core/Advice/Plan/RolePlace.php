<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Set\Slot;

/** Where a set reaches a role. */
final readonly class RolePlace
{
    /**
     * @param string $control     device and control, by their names
     * @param string $layer       its name; empty for the base layer
     * @param bool   $isInherited does a parent of the set say it?
     */
    public function __construct(
        public Slot $spot,
        public string $control,
        public string $layer,
        public bool $isInherited,
    ) {}
}
