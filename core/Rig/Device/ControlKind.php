<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/** What a hand does with a control; it decides how the control is drawn and worked. */
enum ControlKind: string
{
    case Lever = 'lever';
    case Slider = 'slider';
    case Stick = 'stick';
    case Twist = 'twist';
    case Pedal = 'pedal';
    case Wheel = 'wheel';
    case Paddle = 'paddle';
    case AxisSwitch = 'axis switch';
    case Button = 'button';
    case Trigger = 'trigger';
    case TwoWay = 'two-way';
    case ThreeWay = 'three-way';
    case Sprung = 'sprung';
    case Dial = 'dial';
    case Encoder = 'encoder';
    case Hat = 'hat';
    case Tile = 'tile';
    case Phrase = 'phrase';
    case Key = 'key';

    /** Not on a device: made from axes. */
    case Made = 'made';

    /** Does it stay where it is put, on one thing or the other? */
    public function isOnOff(): bool
    {
        return $this === self::TwoWay;
    }

    /** Does a switch stay where it is put, so that its contact stays closed? */
    public function latches(): bool
    {
        return in_array($this, [self::TwoWay, self::ThreeWay, self::Dial], true);
    }

    /** Does it go back by itself when nobody holds it? Of a stick that depends on the axis. */
    public function springsBack(): bool
    {
        return match ($this) {
            self::Twist, self::Pedal, self::Paddle, self::Button, self::Trigger, self::Sprung, self::Hat, self::Tile, self::Phrase, self::Key => true,
            self::Lever, self::Slider, self::Stick, self::Wheel, self::AxisSwitch, self::TwoWay, self::ThreeWay, self::Dial, self::Encoder, self::Made => false,
        };
    }

    /** How soon it is proposed for an axis of a game, the lowest first; null: it moves no axis by degrees. */
    public function rankForAxes(): ?int
    {
        return match ($this) {
            self::Lever => 1,
            self::Slider => 2,
            self::Stick => 3,
            self::Twist => 4,
            self::Pedal => 5,
            self::Paddle => 6,
            self::Wheel => 7,
            self::AxisSwitch, self::Button, self::Trigger, self::TwoWay, self::ThreeWay, self::Sprung, self::Dial, self::Encoder, self::Hat, self::Tile, self::Phrase, self::Key, self::Made => null,
        };
    }

    /** @return list<self> those that move an axis by degrees, in the order in which they are proposed */
    public static function forAxes(): array
    {
        $kinds = array_filter(self::cases(), fn (self $kind): bool => $kind->rankForAxes() !== null);
        usort($kinds, fn (self $one, self $other): int => $one->rankForAxes() <=> $other->rankForAxes());

        return $kinds;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::TwoWay => 'two-way switch',
            self::ThreeWay => 'three-way switch',
            self::Sprung => 'sprung switch',
            self::Button => 'push button',
            self::Trigger => 'two-stage trigger',
            self::AxisSwitch => 'switch on an axis',
            self::Made => 'made from axes',
            default => $this->value,
        };
    }

    /**
     * Can a control that reports this be of this kind?
     *
     * @param int $axes     how many axes it has
     * @param int $reported how many contacts it reports, the directions of a hat not counted
     */
    public function fits(int $axes, int $reported, bool $hat, bool $encoder): bool
    {
        return match ($this) {
            self::Lever, self::Slider, self::Twist, self::Pedal, self::Wheel, self::Paddle, self::AxisSwitch => $axes === 1,
            self::Stick => $axes === 2,
            self::Hat => $hat,
            self::Encoder => $encoder,
            self::Button, self::Tile, self::Phrase, self::Key => $axes === 0 && $reported === 1,
            self::TwoWay => $axes === 0 && ($reported === 1 || $reported === 2),
            self::Trigger, self::ThreeWay, self::Sprung => $axes === 0 && $reported === 2,
            self::Dial => $axes === 0 && $reported >= 2,
            self::Made => false,
        };
    }
}
