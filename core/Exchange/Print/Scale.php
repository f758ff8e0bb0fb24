<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Sizes;

/** How large a device is: as it is drawn, unless its owner has measured it between two controls. */
final readonly class Scale
{
    /** A unit of a faceplate, in mm. */
    public const DRAWN = 0.1;

    /** Labels are never narrower or wider than this, in mm. */
    public const NARROWEST = 10.0;
    public const WIDEST = 60.0;

    /** What stays free between two labels, in mm. */
    private const GAP = 2.0;

    /** @param float $unit of the faceplate, in mm */
    private function __construct(private Device $device, public float $unit) {}

    public static function of(BindingSet $set, Device $device): self
    {
        $said = $set->merged->value(PartPath::size($device->id));
        if ($said === null) {
            return new self($device, self::DRAWN);
        }
        $size = Sizes::fields()->read(Node::of($said));
        $one = $device->control($size->text('from'));
        $other = $device->control($size->text('to'));
        $apart = $one === null || $other === null || $one->page !== $other->page ? 0.0 : hypot(
            $one->x - $other->x,
            $one->y - $other->y,
        );

        return new self($device, $apart === 0.0 ? self::DRAWN : $size->number('mm') / $apart);
    }

    /**
     * How wide a label beside a control can be: to the nearest middle in its row, less a gap.
     *
     * @param float $high how high the label is, in mm; what is further up or down is in another row
     *
     * @return float in mm
     */
    public function room(Control $control, float $high): float
    {
        $nearest = self::WIDEST + self::GAP;
        foreach ($this->device->controls as $other) {
            if (
                $other->ref !== $control->ref
                    && $other->page === $control->page
                    && abs($other->y - $control->y) * $this->unit < $high
            ) {
                $nearest = min($nearest, abs($other->x - $control->x) * $this->unit);
            }
        }

        return min(self::WIDEST, max(self::NARROWEST, $nearest - self::GAP));
    }
}
