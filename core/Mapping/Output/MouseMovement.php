<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;

/** Moves the mouse at a speed that an axis gives: (2v - 1) times so many pixels a second. */
final readonly class MouseMovement implements AxisOutput
{
    use IsKind;

    public const FASTEST = 10_000;
    public const DIRECTIONS = ['x' => 'left and right', 'y' => 'up and down'];

    /** @param string $direction x (to the right) or y (down) */
    private function __construct(public string $direction, public float $speed) {}

    public static function kind(): string
    {
        return 'mouse movement';
    }

    public static function title(): string
    {
        return 'the mouse, as a speed';
    }

    public static function about(): string
    {
        return 'Moves the mouse at a speed that the axis gives, from all of it one way to all of it the other way.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'direction',
                'Moves',
                Choice::said(self::DIRECTIONS),
                'Along which direction of the screen.',
            ),
            Field::required(
                'speed',
                'Pixels a second',
                new Number(1, self::FASTEST, 'px a second'),
                'How fast the mouse is at the ends of the axis.',
                600,
            ),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('direction'), $given->number('speed'));
    }

    public function values(): array
    {
        return ['direction' => $this->direction, 'speed' => $this->speed];
    }

    public function inWords(Names $names): string
    {
        return sprintf('mouse %s, up to %s px a second', self::DIRECTIONS[$this->direction], json_encode($this->speed));
    }

    public function event(): string
    {
        return OutputEvent::MOUSE;
    }

    public function target(): string
    {
        return $this->direction;
    }

    /** The speed in pixels a second. */
    public function send(float $value, int $integer): float
    {
        return (2.0 * $value - 1.0) * $this->speed;
    }
}
