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
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;

/**
 * A variable that each press changes by a step between two limits. A step past a limit goes to the limit if it stops,
 * exactly to the other limit if it wraps.
 */
final readonly class StepVariable implements ContactOutput, WritesVariable
{
    use IsKind;
    use OnEveryPress;

    public function __construct(
        public string $name,
        public float $by,
        public float $low,
        public float $high,
        public bool $wraps,
    ) {}

    public static function kind(): string
    {
        return 'step variable';
    }

    public static function title(): string
    {
        return 'a variable, in steps';
    }

    public static function about(): string
    {
        return 'A variable of the simulator that each press changes by a step between two limits.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Variable', new Id(Id::VARIABLE), 'The variable of the simulator that is written.'),
            Field::required('by', 'By', new Number, 'The step, up is positive; not 0.', 0.1),
            Field::required('low', 'From', new Number, 'The lower limit.', 0),
            Field::required('high', 'To', new Number, 'The upper limit.', 1),
            Field::optional(
                'stops',
                'at_limit',
                'At the end',
                Choice::of('stops', 'wraps'),
                'What a step past a limit does: it stops at the limit, or goes to the other one.',
            ),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        [$by, $low, $high] = [$given->number('by'), $given->number('low'), $given->number('high')];
        if (round($by, 6) === 0.0) {
            throw $given->refuse('by', 'a step up or down');
        }
        if ($high < $low) {
            throw $given->refuse(
                'high',
                sprintf('a number from %s to %s', json_encode($low), json_encode(Number::FAR)),
            );
        }

        return new self($given->text('name'), $by, $low, $high, $given->text('at_limit') === 'wraps');
    }

    public function values(): array
    {
        return [
            'name' => $this->name,
            'by' => $this->by,
            'low' => $this->low,
            'high' => $this->high,
            'at_limit' => $this->wraps ? 'wraps' : 'stops',
        ];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'variable %s %s%s, %s to %s%s',
            $names->of(Id::VARIABLE, $this->name),
            $this->by > 0 ? '+' : '',
            json_encode(round($this->by, 6)),
            json_encode(round($this->low, 6)),
            json_encode(round($this->high, 6)),
            $this->wraps ? ', wraps' : '',
        );
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        // Rounded before it meets the limits, so that ten steps of 0.1 come to exactly 1.
        $to = round($run->variable($this->name) + $this->by, 6);
        if ($to > $this->high) {
            $to = $this->wraps ? $this->low : $this->high;
        } elseif ($to < $this->low) {
            $to = $this->wraps ? $this->high : $this->low;
        }
        $run->setVariable($this->name, $to, $cause);
    }

    public function variable(): string
    {
        return $this->name;
    }

    public function writes(): array
    {
        return [];
    }

    public function steps(): float
    {
        return $this->by;
    }

    public function keepsVariable(): bool
    {
        return false;
    }
}
