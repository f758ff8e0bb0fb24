<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Rig\Panel\Panel;

/** One thing that reports inputs. */
final readonly class Device
{
    /** Id under which what a set makes from axes stands, as if it were a device. */
    public const MADE = 'made';

    /**
     * @param list<Control> $controls   in the order of the file
     * @param list<Lamp>    $lamps
     * @param int           $width      of the faceplate, in grid units
     * @param int           $height     of the faceplate, in grid units
     * @param Onboard       $onboard    what it says of itself beside its controls
     * @param ?string       $descriptor its report descriptor (HID 1.11, 6.2.2) as hex digits
     * @param ?string       $gamepad    the model under which the browser knows it (W3C Gamepad, `id`)
     * @param ?DeviceLimits $limits     null if it sets none
     * @param ?Panel        $panel      that its owner drew, in the place of what its
     *                                  file has; null for what is as the file says
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public bool $standIn,
        public array $controls,
        public array $lamps,
        public int $width,
        public int $height,
        public Onboard $onboard = new Onboard,
        public ?string $descriptor = null,
        public ?string $gamepad = null,
        public ?DeviceLimits $limits = null,
        public ?Panel $panel = null,
    ) {}

    /** "Fennel throttle"; a thing whose name says what it is, "Mouse" or "Peat button box", by that. */
    public function title(): string
    {
        return preg_match(
            '/(^| )'.preg_quote($this->kind, '/').'$/iu',
            $this->name,
        ) === 1 ? $this->name : $this->name.' '.$this->kind;
    }

    /** Is it a real one that a browser reads, as a controller or by its reports? */
    public function isReadByBrowser(): bool
    {
        return $this->gamepad !== null || ($this->descriptor !== null && ! $this->standIn);
    }

    /** What goes into its memory; null if it has none. */
    public function keeps(): ?Keeps
    {
        return $this->onboard->keeps;
    }

    public function mode(string $id): ?Mode
    {
        return $this->onboard->modes[$id] ?? null;
    }

    public function setting(string $id): ?Setting
    {
        return $this->onboard->settings[$id] ?? (
            $id === Setting::PANEL && $this->kind === PanelDevice::KIND ? Setting::ofPanel() : null
        );
    }

    /** @return list<AxisInput> */
    public function axes(): array
    {
        return array_merge(...array_map(fn (Control $c) => $c->axes, $this->controls), ...[[]]);
    }

    /** @return list<ContactInput> */
    public function contacts(): array
    {
        return array_merge(...array_map(fn (Control $c) => $c->contacts, $this->controls), ...[[]]);
    }

    /** How many pages the faceplate has, 1 or more. */
    public function pages(): int
    {
        if ($this->panel !== null) {
            return count($this->panel->pages);
        }

        return max([1, ...array_map(fn (Control $c) => $c->page, $this->controls)]);
    }

    public function control(string $id): ?Control
    {
        foreach ($this->controls as $control) {
            if ($control->id() === $id) {
                return $control;
            }
        }

        return null;
    }

    /**
     * Drawn in another shape.
     *
     * @param int $width in units of the drawing; and $height
     */
    public function sized(int $width, int $height): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->standIn,
            $this->controls,
            $this->lamps,
            $width,
            $height,
            $this->onboard,
            $this->descriptor,
            $this->gamepad,
            $this->limits,
            $this->panel,
        );
    }

    /** The same as it reports in one of its modes: other numbers, the same references. */
    public function inMode(?Mode $mode): self
    {
        return $mode?->descriptor === null ? $this : new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->standIn,
            array_map($mode->over(...), $this->controls),
            $this->lamps,
            $this->width,
            $this->height,
            $this->onboard,
            $mode->descriptor,
            $this->gamepad,
            $this->limits,
            $this->panel,
        );
    }

    /** The same with another firmware in it, which keeps what it says. */
    public function withFirmware(string $version, Keeps $keeps): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->standIn,
            $this->controls,
            $this->lamps,
            $this->width,
            $this->height,
            $this->onboard->with($version, $keeps),
            $this->descriptor,
            $this->gamepad,
            $this->limits,
            $this->panel,
        );
    }

    /** The same with its first controls only, as many as are wired. */
    public function wired(int $count): self
    {
        return $count >= count($this->controls) ? $this : $this->withControls(
            array_slice($this->controls, 0, max(0, $count)),
        );
    }

    /** @param list<Control> $controls */
    public function withControls(array $controls): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->standIn,
            $controls,
            $this->lamps,
            $this->width,
            $this->height,
            $this->onboard,
            $this->descriptor,
            $this->gamepad,
            $this->limits,
            $this->panel,
        );
    }
}
