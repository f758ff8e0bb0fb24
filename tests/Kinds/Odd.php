<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Condition\IsQuestion;
use Nailrod\Core\Mapping\Condition\Question;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/** A question that only the tests know: is a variable odd? */
final readonly class Odd implements Question
{
    use IsQuestion;

    private function __construct(string $name, string $is)
    {
        $this->name = $name;
        $this->is = $is;
    }

    public static function sort(): string
    {
        return 'oddness';
    }

    public static function about(): string
    {
        return 'A variable is an odd number or an even one.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('oddness', 'Oddness of', new Id(Id::VARIABLE, true), 'The variable.'),
            Field::required('is', 'Is', Choice::of('odd', 'even'), 'Which.'),
        );
    }

    public static function from(FieldValues $given): self
    {
        return new self($given->text('oddness'), $given->text('is'));
    }

    public function holds(RunView $run): bool
    {
        return ((int) $run->variable($this->name) % 2 !== 0) === ($this->is === 'odd');
    }

    public function holdsWithout(): bool
    {
        return false;
    }

    public function negated(): self
    {
        return new self($this->name, $this->is === 'odd' ? 'even' : 'odd');
    }

    public function whyNotOn(DeviceByItself $device): string
    {
        return 'only Nailrod itself knows whether it is odd';
    }

    public function toArray(): array
    {
        return ['oddness' => $this->name, 'is' => $this->is];
    }

    public function inWords(Names $names): string
    {
        return $names->of(Id::VARIABLE, $this->name).' is '.$this->is;
    }
}
