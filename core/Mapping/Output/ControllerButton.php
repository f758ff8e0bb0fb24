<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Whole;

/** A button of the controller that the game sees. */
final readonly class ControllerButton implements CanBeRecorded, ContactOutput, Drives, IsNumbered, IsWay, StoredOnDevice
{
    use HoldsTarget;
    use IsKind;

    public const MOST = 512;

    public function __construct(public int $number) {}

    public static function kind(): string
    {
        return 'button';
    }

    public static function title(): string
    {
        return 'a controller button';
    }

    public static function about(): string
    {
        return 'A button of the controller that the game sees, on while it is held.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::given('number', 'Number', new Whole(1, self::MOST), 'Which button of the controller, counted from 1.'));
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
        return 'output '.$this->number;
    }

    protected function event(): string
    {
        return OutputEvent::BUTTON;
    }

    protected function target(): string
    {
        return (string) $this->number;
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
        return 'outputs';
    }

    public static function seen(int $buttons, int $axes): int
    {
        return $buttons;
    }

    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        return $event->kind === OutputEvent::BUTTON ? [[new self((int) $event->target), $event->value === 1]] : [];
    }

    public function drives(): string
    {
        return 'button '.$this->number;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
