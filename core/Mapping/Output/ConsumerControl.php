<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\NamedWhole;
use Nailrod\Core\Rig\Device\MediaKeys;

/** A control of the consumer page, as on media keys (USB-IF usage tables, page 0x0C), by its usage. */
final readonly class ConsumerControl implements CanBeRecorded, ContactOutput, StoredOnDevice
{
    use HoldsTarget;
    use IsKind;

    public function __construct(public int $usage) {}

    public static function kind(): string
    {
        return 'consumer control';
    }

    public static function title(): string
    {
        return 'a media key';
    }

    public static function about(): string
    {
        return 'A control of the consumer page of HID, as on media keys, on while it is held.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required(
            'usage',
            'Media key',
            new NamedWhole(1, 0xFFFF, MediaKeys::all()),
            'Its usage on page 0x0C of the HID usage tables: 233 is volume up.',
            0xE9,
        ));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->whole('usage'));
    }

    public function values(): array
    {
        return ['usage' => $this->usage];
    }

    public function inWords(Names $names): string
    {
        return MediaKeys::label($this->usage);
    }

    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        return $event->kind === OutputEvent::CONSUMER ? [[new self((int) $event->target), $event->value === 1]] : [];
    }

    protected function event(): string
    {
        return OutputEvent::CONSUMER;
    }

    protected function target(): string
    {
        return (string) $this->usage;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
