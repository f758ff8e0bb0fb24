<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Reference;

/** A lamp of a device that is lit while the output is on. */
final readonly class LightLamp implements ContactOutput, NamesLamp, StoredOnDevice
{
    use IsHeld;
    use IsKind;

    /** @param string $lamp reference: device/lamp */
    public function __construct(public string $lamp) {}

    public static function kind(): string
    {
        return 'lamp';
    }

    public static function title(): string
    {
        return 'a lamp';
    }

    public static function about(): string
    {
        return 'A lamp of a device that is lit while the output is on.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('lamp', 'Lamp', new Reference(Reference::LAMP), 'The lamp, as device/lamp.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('lamp'));
    }

    public function values(): array
    {
        return ['lamp' => $this->lamp];
    }

    public function inWords(Names $names): string
    {
        return 'light '.$names->of(Reference::LAMP, $this->lamp);
    }

    public function lamp(): string
    {
        return $this->lamp;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->hasLamp($this->lamp) ? null : 'it lights a lamp of another device';
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->holdLamp($this->lamp, $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfLamp($this->lamp, $source, $cause);
    }
}
