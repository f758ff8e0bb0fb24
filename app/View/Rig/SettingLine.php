<?php

declare(strict_types=1);

namespace App\View\Rig;

use App\View\Origin;
use Nailrod\Core\Rig\Device\Setting;

/** One setting of a device as a page shows it: what it is, who says so, and whether the device keeps it. */
final readonly class SettingLine
{
    /**
     * @param ?Origin $origin null if nobody says it, so that it is as usual
     * @param string  $path   of the part that says it
     * @param string  $why    why the device does not keep it; empty if it does
     */
    public function __construct(
        public Setting $setting,
        public bool|float|int|string $value,
        public ?Origin $origin,
        public string $path,
        public string $why,
    ) {}
}
