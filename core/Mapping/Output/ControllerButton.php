<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

/** A button of the controller that the game sees. */
final readonly class ControllerButton implements CanBeRecorded, ContactOutput, Drives, IsNumbered, IsWay, StoredOnDevice
{
    use HasNumber;
    use HoldsTarget;
    use IsKind;

    public const MOST = 512;

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

    public function inWords(Names $names): string
    {
        return 'output '.$this->number;
    }

    protected function event(): string
    {
        return OutputEvent::BUTTON;
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
}
