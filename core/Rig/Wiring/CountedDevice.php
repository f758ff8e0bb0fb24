<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\Numbering;
use Nailrod\Core\Rig\Device\Kind\PushButton;

/**
 * A device that is drawn by counting its controls, for whoever has neither a file of it nor the thing at hand: the
 * controls are numbered one after the other and laid out on a grid, to be named and moved by its owner.
 */
final class CountedDevice
{
    /**
     * What can be drawn: how many controls of each kind such a device usually has, in the order in which they are
     * counted.
     */
    public const USUAL = [
        'throttle' => [
            'lever' => 2,
            'slider' => 1,
            'button' => 6,
            'two-way' => 2,
            'three-way' => 1,
            'dial' => 0,
            'encoder' => 1,
            'hat' => 0,
        ],
        'stick' => ['stick' => 1, 'twist' => 1, 'slider' => 1, 'trigger' => 1, 'hat' => 1, 'button' => 6],
        'wheel' => ['wheel' => 1, 'paddle' => 2, 'button' => 12, 'encoder' => 2, 'dial' => 0, 'hat' => 0],
        'pedals' => ['pedal' => 3],
        'button box' => [
            'button' => 12,
            'two-way' => 6,
            'three-way' => 0,
            'sprung' => 0,
            'encoder' => 2,
            'dial' => 0,
            'slider' => 0,
        ],
        'keyboard encoder' => ['button' => 20],
        'touch panel' => ['tile' => 12],
    ];

    /** The most of one kind. */
    public const MOST = 64;

    private Numbering $numbers;

    private function __construct(bool $isKeys)
    {
        $this->numbers = new Numbering($isKeys);
    }

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
            'format' => DeviceReader::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'kind' => $kind,
            'stand_in' => true,
            'face' => ['width' => $layout['width'], 'height' => $layout['height']],
            'controls' => array_map(
                fn (array $control, array $at) => $control + ['at' => $at],
                $controls,
                $layout['places'],
            ),
        ];
    }

    /**
     * @param int $many of its kind that there are; one alone has no number
     *
     * @return array<string, mixed>
     */
    private function control(string $kind, int $n, int $many): array
    {
        $is = ControlKinds::of($kind);
        $number = $many === 1 && $kind !== PushButton::kind() ? '' : ' '.$n;

        return [
            'id' => str_replace(' ', '-', $kind).'-'.$n,
            'name' => ($kind === PushButton::kind() ? 'Button' : ucfirst($is->inWords())).$number,
            'label' => trim($is->short().$number),
            'kind' => $kind,
        ] + $is->numbered($this->numbers);
    }
}
