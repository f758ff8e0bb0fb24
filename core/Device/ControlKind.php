<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** What a hand does with a control; it decides how the control is drawn and worked. */
enum ControlKind: string
{
    case Lever = 'lever';
    case Slider = 'slider';
    case Stick = 'stick';
    case Twist = 'twist';
    case Pedal = 'pedal';
    case Button = 'button';
    case Trigger = 'trigger';
    case TwoWay = 'two-way';
    case ThreeWay = 'three-way';
    case Dial = 'dial';
    case Encoder = 'encoder';
    case Hat = 'hat';

    public function inWords(): string
    {
        return match ($this) {
            self::TwoWay => 'two-way switch',
            self::ThreeWay => 'three-way switch',
            self::Button => 'push button',
            self::Trigger => 'two-stage trigger',
            self::Lever, self::Slider, self::Stick, self::Twist, self::Pedal, self::Dial, self::Encoder, self::Hat => $this->value,
        };
    }
}
