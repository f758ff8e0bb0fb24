<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Whole;

/** An axis of the controller that the game sees. */
final readonly class ControllerAxis implements AxisOutput, Drives, IsNumbered, IsWay, StoredOnDevice
{
    use IsKind;

    public const MOST = 32;

    public function __construct(public int $number) {}

    public static function kind(): string
    {
        return 'axis';
    }

    public static function title(): string
    {
        return 'a controller axis';
    }

    public static function about(): string
    {
        return 'An axis of the controller that the game sees.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::given('number', 'Number', new Whole(1, self::MOST), 'Which axis of the controller, counted from 1.'));
    }

    public static function from(Given $given): static
    {
        return new self($given->whole('number'));
    }

    public function values(): array
    {
        return ['number' => $this->number];
    }

    public function inWords(Names $names): string
    {
        return 'axis '.$this->number;
    }

    public function event(): string
    {
        return OutputEvent::AXIS;
    }

    public function target(): string
    {
        return (string) $this->number;
    }

    public function send(float $value, int $integer): int
    {
        return $integer;
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

    public static function several(): string
    {
        return 'axes';
    }

    public static function seen(int $buttons, int $axes): int
    {
        return $axes;
    }

    public function drives(): string
    {
        return 'axis '.$this->number;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
