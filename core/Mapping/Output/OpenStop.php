<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;

/** A stop that is told to open; going from off to on is a press of the stop. */
final readonly class OpenStop implements ContactOutput, IsWay, NamesPart, OpensStop, StoredOnDevice
{
    use IsHeld;
    use IsKind;
    use NamesOnePart;

    public function __construct(public string $stop) {}

    public static function kind(): string
    {
        return 'open stop';
    }

    public static function title(): string
    {
        return 'open a stop';
    }

    public static function about(): string
    {
        return 'A stop that is told to open; going from off to on is a press of the stop.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('stop', 'Stop', new Id(Id::STOP), 'The stop.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('stop'));
    }

    public function names(): array
    {
        return [[self::STOP, $this->stop]];
    }

    public function values(): array
    {
        return ['stop' => $this->stop];
    }

    public function inWords(Names $names): string
    {
        return 'open '.$names->of(Id::STOP, $this->stop);
    }

    public function startsWhenFound(Effects $run): bool
    {
        return $run->isStateStop($this->stop);
    }

    public function stop(): string
    {
        return $this->stop;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->hasStop($this->stop) ? null : 'it opens a stop of another device';
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->holdStop($this->stop, $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfStop($this->stop, $source, $cause);
    }
}
