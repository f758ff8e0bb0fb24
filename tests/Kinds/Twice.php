<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Engine;
use Nailrod\Core\Mapping\Behaviour\TakesAnyOutput;

/** A behaviour that only the tests know: two pulses for a press. */
final readonly class Twice implements Behaviour
{
    use IsKind;
    use TakesAnyOutput;

    private function __construct(private int $width) {}

    public static function kind(): string
    {
        return 'twice';
    }

    public static function title(): string
    {
        return 'twice';
    }

    public static function about(): string
    {
        return 'Two pulses for a press.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::optional(50, 'beat_ms', 'Beat', Number::ms(5, 500), 'How long each pulse is.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->us('beat_ms'));
    }

    public function values(): array
    {
        return ['beat_ms' => $this->width / 1000];
    }

    public function inWords(Names $names): string
    {
        return 'twice '.($this->width / 1000).' ms';
    }

    public function sendsAllAtOnce(): bool
    {
        return true;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        $cause = $cause->then(StepKind::Behaviour, 'twice');
        foreach ($found ? [] : array_keys($assigned->outputs) as $i) {
            $run->pulse($assigned, $i, $this->width, $cause);
            $run->pulse($assigned, $i, $this->width, $cause);
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void {}
}
