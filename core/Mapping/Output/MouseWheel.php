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

use Nailrod\Core\Format\Type\Whole;

/** One step of the mouse wheel at every press. */
final readonly class MouseWheel implements ContactOutput
{
    use IsKind;
    use OnEveryPress;

    /** @param int $by steps, up is positive */
    public function __construct(public int $by) {}

    public static function kind(): string
    {
        return 'mouse wheel';
    }

    public static function title(): string
    {
        return 'the mouse wheel';
    }

    public static function about(): string
    {
        return 'Turns the wheel of the mouse by so many steps at every press.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required(
            'by',
            'Steps, up is +',
            new Whole(-20, 20),
            'Steps of the wheel, up is positive; not 0.',
            1,
        ));
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        return $given->whole('by') === 0 ? throw $given->refuse(
            'by',
            'steps up (1 to 20) or down (-1 to -20)',
        ) : new self($given->whole('by'));
    }

    public function values(): array
    {
        return ['by' => $this->by];
    }

    public function inWords(Names $names): string
    {
        return sprintf('mouse wheel %+d', $this->by);
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->emit(OutputEvent::MOUSE, 'wheel', $this->by, $cause);
    }
}
