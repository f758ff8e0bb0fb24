<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Calibration;
use Nailrod\Core\Mapping\Axis\Measured;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\References;
use Nailrod\Core\Set\SettingReading;

/**
 * What of a set is a device's own, and what of that its memory has room for and its firmware knows, whatever it depends
 * on.
 */
final readonly class OwnParts
{
    private Keeps $keeps;

    /** @param BindingSet $set as it is played */
    public function __construct(private BindingSet $set, private Device $device)
    {
        $this->keeps = $device->keeps() ?? Keeps::all(2, 0);
    }

    /** Is it on the device, or made from nothing but its axes? */
    public function isOwn(string $ref): bool
    {
        if (! str_starts_with($ref, Made::DEVICE.'/')) {
            return str_starts_with($ref, $this->device->id.'/');
        }
        $made = $this->madeOf($ref);

        return $made !== null && array_filter($made->sources(), fn (string $source) => ! $this->isOwn($source)) === [];
    }

    private function madeOf(string $ref): ?Made
    {
        return $this->set->made[explode('.', substr($ref, strlen(Made::DEVICE) + 1))[0]] ?? null;
    }

    /** Does it hold an axis of the device? */
    public function hasAxisOf(string $stop): bool
    {
        return array_filter($this->set->stops[$stop]->axes ?? [], $this->isOwn(...)) !== [];
    }

    public function whyNotStop(string $id): ?string
    {
        return $this->room(Keeps::STOPS, $id, array_filter(Keys::of($this->set->stops), $this->hasAxisOf(...)));
    }

    public function whyNotLayer(string $id): ?string
    {
        return $id === Layer::BASE ? null : $this->room(Keeps::LAYERS, $id, $this->layersLedTo());
    }

    /** Does it keep any layer beside the base layer, and what that is called? */
    public function keepsLayers(): bool
    {
        return $this->keeps->whyNot(Keeps::LAYERS, 0) === null;
    }

    /** @return list<string> layers to which something of its own leads, in the order of the file */
    private function layersLedTo(): array
    {
        $layers = [];
        foreach ($this->keeps->isLimited(Keeps::LAYERS) ? (new References($this->set))->ofContacts() : [] as $use) {
            foreach (
                $use->does instanceof LeadsToLayer
                    && $use->does instanceof NamesPart
                    && $this->isOwn($use->ref)
                    ? $use->does->names()
                    : [] as [$sort, $id]
            ) {
                $layers[$id] = true;
            }
        }

        return array_values(array_filter(Keys::of($this->set->layers), fn (string $id) => isset($layers[$id])));
    }

    /** @param string $id of one of its own */
    public function whyNotChord(string $layer, string $id): ?string
    {
        $own = [];
        foreach ($this->set->chords as $in => $chords) {
            foreach ($chords as $one => $chord) {
                $own = array_filter($chord->of, $this->isOwn(...)) === [] ? $own : [...$own, $in.'/'.$one];
            }
        }

        return $this->room(Keeps::CHORDS, $layer.'/'.$id, $own);
    }

    /** @param string $id of one of its own */
    public function whyNotLamp(string $id): ?string
    {
        return $this->room(
            Keeps::LAMPS,
            $id,
            array_filter(
                Keys::of($this->set->lamps),
                fn (string $one) => array_filter($this->set->lamps[$one]->lamps(), $this->isOwn(...)) !== [],
            ),
        );
    }

    /**
     * Those that come first have their room, whether they turn out to be kept or not: otherwise what one of them
     * depends on would decide about another.
     *
     * @param array<array-key, string> $own in the order of the file
     */
    private function room(string $part, string $id, array $own): ?string
    {
        return $this->keeps->whyNot($part, (int) array_search($id, array_values($own), true));
    }

    /** Why it does not keep a part of the shaping of one of its axes; null if it does. */
    public function whyNotShape(string $axis, string $part): ?string
    {
        return match (true) {
            $part === Measured::part() => 'it is only a note of what was measured',
            $this->isSetting($axis, $part) => null,
            default => $this->keeps->whyNot($part === Calibration::part() ? Keeps::CALIBRATION : Keeps::SHAPING, 0),
        };
    }

    /** Is a part of an axis kept as a setting? */
    public function isSetting(string $axis, string $part): bool
    {
        return $part === Rotation::part() && SettingReading::turning($this->device)?->ref === $axis;
    }

    /** Why alone it would read one of its axes otherwise than the set does; null if it would not. */
    public function whyNotRead(string $ref): ?string
    {
        $made = str_starts_with($ref, Made::DEVICE.'/') ? $this->madeOf($ref) : null;
        if ($made === null && ! isset($this->set->rig->axes[$ref])) {
            return null;
        }
        foreach ($made?->sources() ?? [] as $source) {
            $why = $this->whyNotRead($source) ?? $this->keeps->whyNot(Keeps::SHAPING, 0);
            if ($why !== null) {
                return $why;
            }
        }
        foreach (array_diff(Keys::of(AxisParts::all()), [Measured::part()]) as $part) {
            $why = $this->set->merged->value(PartPath::axis($ref, $part)) === null
                ? null
                : $this->whyNotShape($ref, $part);
            if ($why !== null) {
                return $why;
            }
        }
        $turns = SettingReading::turning($this->device)?->ref === $ref && isset(
            $this->set->settings[$this->device->id][Setting::ROTATION],
        );

        return $turns ? $this->whyNotSetting(Setting::ROTATION) : null;
    }

    public function whyNotSetting(string $id): ?string
    {
        $setting = $this->device->setting($id);

        return match (true) {
            $setting === null => 'the device does not have it',
            ! $setting->isKnownTo($this->device->onboard->firmware) => 'it needs firmware '.$setting->needs,
            default => $this->keeps->whyNot(Keeps::SETTINGS, 0),
        };
    }

    public function whyNotBehaviour(?Behaviour $behaviour): ?string
    {
        return $behaviour === null || $this->keeps->knows($behaviour::kind())
            ? null
            : 'its firmware does not know "'
            .$behaviour::title()
            .'"';
    }

    public function whyNotOutput(Output $way): ?string
    {
        if (! $this->keeps->sends($way::kind())) {
            return 'the device does not send '.lcfirst($way::title()).' itself';
        }
        foreach ($way instanceof NamesPart ? $way->names() : [] as [$sort, $id]) {
            $why = match ($sort) {
                NamesPart::LAYER => $this->whyNotLayer($id),
                NamesPart::STOP => $this->hasAxisOf($id) ? $this->whyNotStop($id) : null,
                default => null,
            };
            if ($why !== null) {
                return $why;
            }
        }

        return null;
    }

    public function named(string $name): string
    {
        return $this->keeps->named($name);
    }
}
