<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Whole;

/** Moves the mouse by so many pixels at every press. */
final readonly class MouseStep implements ContactOutput
{
    use IsKind;
    use OnEveryPress;

    /**
     * @param string $direction x (to the right) or y (down)
     * @param int    $by        pixels
     */
    public function __construct(public string $direction, public int $by) {}

    public static function kind(): string
    {
        return 'mouse step';
    }

    public static function title(): string
    {
        return 'the mouse, one step';
    }

    public static function about(): string
    {
        return 'Moves the mouse by so many pixels at every press.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'direction',
                'Moves',
                Choice::said(MouseMovement::DIRECTIONS),
                'Along which direction of the screen.',
            ),
            Field::required(
                'by',
                'Pixels, right or down is +',
                new Whole(-2000, 2000, 'px'),
                'How far, to the right or down is positive; not 0.',
                50,
            ),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        return $given->whole('by') === 0 ? throw $given->refuse('by', 'pixels one way or the other') : new self(
            $given->text('direction'),
            $given->whole('by'),
        );
    }

    public function values(): array
    {
        return ['direction' => $this->direction, 'by' => $this->by];
    }

    public function inWords(Names $names): string
    {
        return sprintf('mouse %s %+d px', $this->direction, $this->by);
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->emit(OutputEvent::MOUSE, $this->direction, $this->by, $cause);
    }
}
