<?php

declare(strict_types=1);

namespace App\View\Rig;

use App\View\Place;
use Nailrod\Core\Exchange\Memory\OwnParts;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SettingReading;

/** What a set says a device shall be like. */
final readonly class DeviceSettings
{
    /** @param Device $device with the firmware that is in the unit in use */
    public function __construct(public Place $place, public Device $device) {}

    /**
     * @param ?list<string> $only ids; null for all
     *
     * @return list<SettingLine>
     */
    public function lines(?array $only = null): array
    {
        $parts = new OwnParts($this->place->set, $this->device);
        $settings = array_filter(
            $this->device->onboard->settings,
            fn (Setting $setting) => $only === null || in_array($setting->id, $only, true),
        );

        return array_values(array_map(function (Setting $setting) use ($parts): SettingLine {
            $path = $this->path($setting->id);

            return new SettingLine(
                $setting,
                $this->place->set->setting($this->device->id, $setting->id) ?? $setting->usual,
                $this->place->originOf($path),
                (string) $path,
                (string) $parts->whyNotSetting($setting->id),
            );
        }, $settings));
    }

    /** Where it is said: of the device, or of the axis of which that is read as the setting. */
    private function path(string $id): PartPath
    {
        $path = PartPath::setting($this->device->id, $id);
        $axis = $id === Setting::ROTATION
            && $this->place->set->merged->value($path) === null
            ? SettingReading::turning($this->device)
            : null;

        return $axis === null ? $path : PartPath::axis($axis->ref, Rotation::part());
    }
}
