<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;

/** A flag that is up while the output is on; assignments can depend on it. */
final readonly class RaiseFlag implements ContactOutput, NamesPart, StoredOnDevice
{
    use HoldsTarget;
    use IsKind;
    use NamesOnePart;

    public function __construct(public string $flag) {}

    public static function kind(): string
    {
        return 'flag';
    }

    public static function title(): string
    {
        return 'a flag';
    }

    public static function about(): string
    {
        return 'A flag of the set that is up while the output is on; assignments and lamps can depend on it.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('flag', 'Flag', new Id(Id::FLAG), 'The flag that is raised.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('flag'));
    }

    public function names(): array
    {
        return [[self::FLAG, $this->flag]];
    }

    public function values(): array
    {
        return ['flag' => $this->flag];
    }

    public function inWords(Names $names): string
    {
        return 'raise '.$names->of(Id::FLAG, $this->flag);
    }

    protected function event(): string
    {
        return OutputEvent::FLAG;
    }

    protected function target(): string
    {
        return $this->flag;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
