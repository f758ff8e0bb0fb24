<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Device\ControlKind;

/** Which drawing a kind of control has on a faceplate. */
final class Face
{
    public static function drawing(ControlKind $kind): string
    {
        return match ($kind) {
            ControlKind::Lever, ControlKind::Slider, ControlKind::Pedal => 'rail',
            ControlKind::Twist => 'cross-rail',
            ControlKind::Stick => 'stick',
            ControlKind::Button => 'button',
            ControlKind::Trigger => 'trigger',
            ControlKind::TwoWay => 'two-way',
            ControlKind::ThreeWay => 'three-way',
            ControlKind::Dial => 'dial',
            ControlKind::Encoder => 'encoder',
            ControlKind::Hat => 'hat',
        };
    }
}
