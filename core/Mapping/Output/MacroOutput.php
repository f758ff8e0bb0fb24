<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;

use Nailrod\Core\Format\Type\Id;

/** An output that does something to a macro of the set at every press. */
abstract readonly class MacroOutput implements ContactOutput, NamesPart, PlaysMacro, StoredOnDevice
{
    use IsKind;
    use NamesOnePart;
    use OnEveryPress;

    final public function __construct(public string $macro) {}

    public static function fields(): Fields
    {
        return Fields::of(Field::required('macro', 'Macro', new Id(Id::MACRO), 'The macro.'));
    }

    public static function from(FieldValues $given): static
    {
        return new static($given->text('macro'));
    }

    public function names(): array
    {
        return [[self::MACRO, $this->macro]];
    }

    public function values(): array
    {
        return ['macro' => $this->macro];
    }

    public function macro(): string
    {
        return $this->macro;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->canPlay($this->macro) ? null : 'its macro is not on the device';
    }
}
