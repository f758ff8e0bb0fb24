<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** The most of something that a device can have; null where it sets no limit. */
final readonly class DeviceLimits
{
    /**
     * @param ?int $inputs numbers that it reports: axes, contacts, hats and encoders
     * @param ?int $macros that its memory holds
     * @param ?int $tiles  on one page
     */
    private function __construct(public ?int $inputs, public ?int $macros, public ?int $tiles) {}

    public static function read(?Node $node): self
    {
        $node?->only(['inputs', 'macros', 'tiles']);

        return new self($node?->maybe('inputs')?->int(1, 1000), $node?->maybe('macros')?->int(0, 1000), $node?->maybe('tiles')?->int(1, 200));
    }

    public static function none(): self
    {
        return new self(null, null, null);
    }

    /** @throws FormatError where the device file itself says more than the device can have */
    public function check(Device $device, Node $controls): void
    {
        $inputs = count($device->axes());
        $tiles = [];
        foreach ($device->controls as $control) {
            $inputs += $control->hat !== null || $control->encoder !== null ? 1 : count(array_filter($control->contacts, fn (ContactInput $contact) => $contact->isReported()));
            $tiles[$control->page] = ($tiles[$control->page] ?? 0) + (int) ($control->kind === ControlKind::Tile);
        }
        if ($this->inputs !== null && $inputs > $this->inputs) {
            throw FormatError::told($controls->path, $inputs.' inputs', 'at most '.$this->inputs.', the limit of the device');
        }
        foreach ($tiles as $page => $count) {
            if ($this->tiles !== null && $count > $this->tiles) {
                throw FormatError::told($controls->path, $count.' tiles on page '.$page, 'at most '.$this->tiles.', the limit of the device');
            }
        }
    }
}
