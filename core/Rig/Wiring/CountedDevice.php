<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\ControlKind;

/**
 * A device that is drawn by counting its controls, for whoever has neither a file of it nor the thing at hand: the controls are
 * numbered one after the other and laid out on a grid, to be named and moved by its owner.
 */
final class CountedDevice
{
    /** What can be drawn: how many controls of each kind such a device usually has, in the order in which they are counted. */
    public const USUAL = [
        'throttle' => ['lever' => 2, 'slider' => 1, 'button' => 6, 'two-way' => 2, 'three-way' => 1, 'dial' => 0, 'encoder' => 1, 'hat' => 0],
        'stick' => ['stick' => 1, 'twist' => 1, 'slider' => 1, 'trigger' => 1, 'hat' => 1, 'button' => 6],
        'wheel' => ['wheel' => 1, 'paddle' => 2, 'button' => 12, 'encoder' => 2, 'dial' => 0, 'hat' => 0],
        'pedals' => ['pedal' => 3],
        'button box' => ['button' => 12, 'two-way' => 6, 'three-way' => 0, 'sprung' => 0, 'encoder' => 2, 'dial' => 0, 'slider' => 0],
        'keyboard encoder' => ['button' => 20],
        'touch panel' => ['tile' => 12],
    ];

    /** The most of one kind, and the most positions of a dial. */
    public const MOST = 64;
    public const POSITIONS = 4;

    private const AXIS_MAX = 4095;
    private const CENTRED = ['twist' => true, 'wheel' => true];

    /** What a control of a kind is called on the device, in short. */
    private const SHORT = ['lever' => 'Lever', 'slider' => 'Slide', 'pedal' => 'Pedal', 'paddle' => 'Paddle', 'twist' => 'Twist', 'stick' => 'Stick', 'wheel' => 'Wheel', 'encoder' => 'Enc', 'dial' => 'Dial', 'hat' => 'Hat', 'two-way' => 'Sw', 'three-way' => 'Sw3', 'sprung' => 'Spr', 'button' => '', 'trigger' => 'Trigger', 'tile' => 'Tile'];

    private int $axes = 0;

    private int $contacts = 0;

    private int $encoders = 0;

    private int $hats = 0;

    private function __construct(private readonly bool $isKeys) {}

    /**
     * @param string             $kind   one of those in USUAL
     * @param array<string, int> $counts how many controls of each kind; what is missing is none
     *
     * @return array<string, mixed> the device in the open format `nailrod-device`
     *
     * @throws FormatError if there is no such kind, or nothing to move
     */
    public static function document(string $id, string $name, string $kind, array $counts): array
    {
        $usual = self::USUAL[$kind] ?? throw FormatError::told('Kind', $kind, implode(', ', array_keys(self::USUAL)));
        $maker = new self($kind === 'keyboard encoder');
        $controls = $kinds = [];
        foreach (array_keys($usual) as $one) {
            $many = max(0, min(self::MOST, $counts[$one] ?? 0));
            for ($n = 1; $n <= $many; $n++) {
                $controls[] = $maker->control($one, $n, $many);
                $kinds[] = $one;
            }
        }
        if ($controls === []) {
            throw FormatError::told($name, 'no control', 'one at least, so that there is something to move');
        }
        $layout = FirstLayout::of($kinds);

        return [
            'format' => DeviceReader::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'kind' => $kind, 'stand_in' => true,
            'face' => ['width' => $layout['width'], 'height' => $layout['height']],
            'controls' => array_map(fn (array $control, array $at) => $control + ['at' => $at], $controls, $layout['places']),
        ];
    }

    /** What is counted: "push buttons", "two-way switches". */
    public static function called(string $kind): string
    {
        $words = ControlKind::from($kind)->inWords();

        return match (true) {
            str_ends_with($words, 'switch') => $words.'es',
            default => $words.'s',
        };
    }

    /**
     * @param int $many of its kind that there are; one alone has no number
     *
     * @return array<string, mixed>
     */
    private function control(string $kind, int $n, int $many): array
    {
        $number = $many === 1 && $kind !== 'button' ? '' : ' '.$n;
        $name = ($kind === 'button' ? 'Button' : ucfirst(ControlKind::from($kind)->inWords())).$number;

        return ['id' => str_replace(' ', '-', $kind).'-'.$n, 'name' => $name, 'label' => trim(self::SHORT[$kind].$number), 'kind' => $kind] + $this->reports($kind);
    }

    /** @return array<string, mixed> what a control of a kind reports, under the next numbers that are free */
    private function reports(string $kind): array
    {
        return match (ControlKind::from($kind)) {
            ControlKind::Stick => ['axes' => [['id' => 'x', 'name' => 'X'] + $this->axis(true), ['id' => 'y', 'name' => 'Y'] + $this->axis(true)]],
            ControlKind::Encoder => ['encoder' => ++$this->encoders],
            ControlKind::Hat => ['hat' => ++$this->hats],
            ControlKind::TwoWay => ['contacts' => [$this->contact('up'), ['id' => 'down', 'name' => 'down', 'opposite' => 'up']]],
            ControlKind::ThreeWay => ['contacts' => [$this->contact('up'), $this->contact('down'), ['id' => 'middle', 'name' => 'middle', 'none_of' => ['up', 'down']]]],
            ControlKind::Sprung => ['contacts' => [$this->contact('up'), $this->contact('down')]],
            ControlKind::Trigger => ['contacts' => [$this->contact('half'), $this->contact('full')]],
            ControlKind::Dial => ['contacts' => array_map(fn (int $at) => ['id' => (string) $at, 'name' => 'at '.$at, 'number' => ++$this->contacts], range(1, self::POSITIONS))],
            ControlKind::Button, ControlKind::Tile => ['contacts' => [['number' => ++$this->contacts] + ($this->isKeys ? ['page' => 'key'] : [])]],
            default => ['axes' => [$this->axis(self::CENTRED[$kind] ?? false)]],
        };
    }

    /** @return array<string, mixed> */
    private function axis(bool $isCentred): array
    {
        return ['number' => ++$this->axes, 'min' => 0, 'max' => self::AXIS_MAX, 'centred' => $isCentred];
    }

    /** @return array<string, mixed> */
    private function contact(string $id): array
    {
        return ['id' => $id, 'name' => $id, 'number' => ++$this->contacts];
    }
}
