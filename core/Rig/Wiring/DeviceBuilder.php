<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Hid\Usages;

/**
 * Makes a device of a report descriptor, in the open format `nailrod-device`: a control for each axis, encoder, hat and
 * button, numbered as the device numbers them and laid out on a grid, to be named and moved by its owner.
 */
final class DeviceBuilder
{
    /** Widest range of an axis that the format takes. */
    private const WIDEST = 65_535;

    /** Axes that rest in the middle, by their usage on the desktop page. */
    private const CENTRED = [0x30, 0x31, 0x33, 0x34, 0x35];

    /** @var list<array<string, mixed>> */
    private array $controls = [];

    /** @var list<string> of the controls */
    private array $kinds = [];

    /** @var list<string> one sentence for each thing that was left out */
    private array $leftOut = [];

    private function __construct(private readonly ReportDescriptor $descriptor) {}

    /**
     * @return array{document: array<string, mixed>, left_out: list<string>} the document fits schema/device.schema.json
     */
    public static function build(ReportDescriptor $descriptor, string $id, string $name, string $kind): array
    {
        $builder = new self($descriptor);
        $builder->axes();
        $builder->encodersAndHats();
        foreach ($descriptor->buttons() as $number) {
            $builder->control(
                'button-'.$number,
                'Button '.$number,
                (string) $number,
                'button',
                ['contacts' => [['number' => $number]]],
            );
        }
        foreach ($descriptor->keys() as $number) {
            $builder->control(
                'key-'.$number,
                'Key '.$number,
                'Key '.$number,
                'button',
                ['contacts' => [['number' => $number, 'page' => 'key']]],
            );
        }

        $layout = FirstLayout::of($builder->kinds);

        return [
            'document' => [
                'format' => DeviceReader::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'kind' => $kind,
                'face' => ['width' => $layout['width'], 'height' => $layout['height']],
                'controls' => array_map(
                    fn (array $control, array $at) => ['at' => $at] + $control,
                    $builder->controls,
                    $layout['places'],
                ),
            ],
            'left_out' => $builder->leftOut,
        ];
    }

    private function axes(): void
    {
        $seen = [];
        foreach ($this->descriptor->axes() as $number => $field) {
            $usage = (string) Usages::axis($field->page, $field->usage);
            $seen[$usage] = ($seen[$usage] ?? 0) + 1;
            $name = $seen[$usage] === 1 ? $usage : $usage.' '.$seen[$usage];
            if ($field->logicalMax - $field->logicalMin > self::WIDEST || $field->logicalMax <= $field->logicalMin) {
                $this->leftOut[] = sprintf(
                    '%s reports %d to %d, which is not a range of 2 to %d steps.',
                    $name,
                    $field->logicalMin,
                    $field->logicalMax,
                    self::WIDEST + 1,
                );

                continue;
            }
            $centred = $field->logicalMin < 0 || (
                $field->page === Usages::DESKTOP && in_array($field->usage, self::CENTRED, true)
            );
            $this->control(self::slug($name), $name, $name, 'slider', ['axes' => [[
                'number' => $number + 1, 'min' => $field->logicalMin, 'max' => $field->logicalMax,
                'centred' => $centred,
            ]]]);
        }
    }

    private function encodersAndHats(): void
    {
        foreach ($this->descriptor->encoders() as $i => $field) {
            $name = Usages::axis($field->page, $field->usage).' encoder '.($i + 1);
            $this->control('encoder-'.($i + 1), $name, 'Enc '.($i + 1), 'encoder', ['encoder' => $i + 1]);
        }
        foreach (array_keys($this->descriptor->hats()) as $i) {
            $this->control('hat-'.($i + 1), 'Hat '.($i + 1), 'Hat '.($i + 1), 'hat', ['hat' => $i + 1]);
        }
    }

    /** @param array<string, mixed> $reports */
    private function control(string $id, string $name, string $label, string $kind, array $reports): void
    {
        if (count($this->controls) >= 256) {
            $this->leftOut[] = $name.': a device has at most 256 controls.';

            return;
        }
        $this->controls[] = [
            'id' => $id,
            'name' => $name,
            'label' => mb_strimwidth($label, 0, 20),
            'kind' => $kind,
        ] + $reports;
        $this->kinds[] = $kind;
    }

    private static function slug(string $name): string
    {
        return strtolower(str_replace(' ', '-', $name));
    }
}
