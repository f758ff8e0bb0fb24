<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Rig\Device\ControlKind;

/** A control of a faceplate, drawn with a few lines. */
final readonly class ControlMark implements Mark
{
    /**
     * @param float $x     of its middle, in mm
     * @param float $y     of its middle, in mm
     * @param float $scale mm on the page for a unit of the faceplate
     */
    public function __construct(public ControlKind $kind, public float $x, public float $y, public float $scale, public bool $isUsed) {}

    public function svg(Ink $ink): string
    {
        return sprintf('<path transform="translate(%.2f %.2f) scale(%.5f)" d="%s" fill="%s" stroke="%s" stroke-width="%.2f"/>', $this->x, $this->y, $this->scale, self::path($this->kind), $this->isUsed ? '#e4e0d4' : 'none', $this->isUsed ? Ink::BLACK : Ink::GREY, 0.2 / $this->scale);
    }

    /** @return string in units of the faceplate, from its middle */
    private static function path(ControlKind $kind): string
    {
        return match ($kind) {
            ControlKind::Lever => 'M-12-162H12V122H54V178H-54V122H-12Z',
            ControlKind::Slider, ControlKind::Paddle, ControlKind::Pedal => 'M-12-112H12V72H54V128H-54V72H-12Z',
            ControlKind::Twist, ControlKind::AxisSwitch => 'M-112-12H112V12H28V40H-28V12H-112Z',
            ControlKind::Stick, ControlKind::Wheel => 'M-90 0A90 90 0 1 0 90 0A90 90 0 1 0-90 0ZM-24 0A24 24 0 1 0 24 0A24 24 0 1 0-24 0Z',
            ControlKind::Button, ControlKind::Trigger => 'M-42 0A42 42 0 1 0 42 0A42 42 0 1 0-42 0ZM-14 0A14 14 0 1 0 14 0A14 14 0 1 0-14 0Z',
            ControlKind::TwoWay, ControlKind::ThreeWay, ControlKind::Sprung => 'M-32-40A32 32 0 0 1 32-40V40A32 32 0 0 1-32 40ZM-24 0A24 24 0 1 0 24 0A24 24 0 1 0-24 0Z',
            ControlKind::Dial => 'M-56 0A56 56 0 1 0 56 0A56 56 0 1 0-56 0ZM-6-56H6V-10H-6Z',
            ControlKind::Encoder => 'M-56 0A56 56 0 1 0 56 0A56 56 0 1 0-56 0ZM-38 0A38 38 0 1 0 38 0A38 38 0 1 0-38 0Z',
            ControlKind::Hat => 'M-20-60H20V-20H60V20H20V60H-20V20H-60V-20H-20Z',
            ControlKind::Tile, ControlKind::Phrase, ControlKind::Key, ControlKind::Made => 'M-50-36H50V36H-50Z',
        };
    }
}
