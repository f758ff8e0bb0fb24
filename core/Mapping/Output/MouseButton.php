<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;

/** A button of the mouse. */
final readonly class MouseButton implements CanBeRecorded, ContactOutput
{
    use HoldsTarget;
    use IsKind;

    public const BUTTONS = ['left', 'middle', 'right'];

    public function __construct(public string $button) {}

    public static function kind(): string
    {
        return 'mouse button';
    }

    public static function title(): string
    {
        return 'a mouse button';
    }

    public static function about(): string
    {
        return 'A button of the mouse, on while it is held.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('button', 'Button', Choice::of(...self::BUTTONS), 'Which button of the mouse.'),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('button'));
    }

    public function values(): array
    {
        return ['button' => $this->button];
    }

    public function inWords(Names $names): string
    {
        return $this->button.' mouse button';
    }

    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        return $event->kind === OutputEvent::MOUSE && in_array($event->target, self::BUTTONS, true) ? [
            [new self($event->target), $event->value === 1],
        ] : [];
    }

    protected function event(): string
    {
        return OutputEvent::MOUSE;
    }

    protected function target(): string
    {
        return $this->button;
    }
}
