<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\Memory\Memories;
use App\View\Place;
use App\View\Rig\DeviceSettings;
use Nailrod\Core\Mapping\Axis\WheelForce;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\SettingReading;

/** What a wheel has beside other axes: settings of its device, and the force with which it turns back. */
final readonly class ShapeWheel
{
    private ?Device $device;

    /** @param ?AxisInput $axis that is shown */
    public function __construct(private Place $place, ?AxisInput $axis)
    {
        $ref = $axis->ref ?? '';
        $device = $place->set->rig->deviceOf($ref);
        $this->device = $device !== null && SettingReading::turning($device)?->ref === $ref ? $device : null;
    }

    /** What can be set of it; null if it is no wheel, or nothing can. */
    public function settings(): ?DeviceSettings
    {
        return $this->device === null ? null : new DeviceSettings($this->place, Memories::unit($this->device)->device);
    }

    /** The force over its angle; null if it has no spring that could be set. */
    public function force(): ?Force
    {
        if ($this->device === null || $this->device->setting(Setting::SPRING) === null) {
            return null;
        }
        $degrees = SettingReading::turning($this->device)->degrees ?? 0;

        return $degrees === 0 ? null : new Force(new WheelForce(
            $degrees,
            (int) min($degrees, $this->figure(Setting::ROTATION)),
            $this->figure(Setting::SPRING),
            $this->figure(Setting::END_STOP),
        ));
    }

    private function figure(string $setting): float
    {
        $value = $this->place->set->setting($this->device->id ?? '', $setting);

        return is_numeric($value) ? (float) $value : 0.0;
    }
}
