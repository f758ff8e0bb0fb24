<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Whole;

/** For outputs that are one of the numbered axes or buttons of the controller; each says MOST, how many there are. */
trait HasNumber
{
    public function __construct(public readonly int $number) {}

    public static function fields(): Fields
    {
        return Fields::of(Field::required(
            'number',
            'Number',
            new Whole(1, self::MOST),
            'Which '.self::kind().' of the controller, counted from 1.',
        ));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->whole('number'));
    }

    /** @return array{number: int} */
    public function values(): array
    {
        return ['number' => $this->number];
    }

    public function number(): int
    {
        return $this->number;
    }

    public function numbered(int $number): self
    {
        return new self($number);
    }

    public static function most(): int
    {
        return self::MOST;
    }

    public function target(): string
    {
        return (string) $this->number;
    }

    public function drives(): string
    {
        return self::kind().' '.$this->number;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
