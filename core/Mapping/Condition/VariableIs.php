<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/** A variable of the simulator against a number; both are compared in 6 decimals. */
final readonly class VariableIs implements Question
{
    use IsQuestion;

    public const COMPARES = ['=', '≠', '<', '≤', '>', '≥'];

    /** The one that holds when the other does not. */
    private const NEGATED = ['=' => '≠', '≠' => '=', '<' => '≥', '≤' => '>', '>' => '≤', '≥' => '<'];

    private function __construct(string $name, string $is, private float $to)
    {
        $this->name = $name;
        $this->is = $is;
    }

    public static function sort(): string
    {
        return Id::VARIABLE;
    }

    public static function about(): string
    {
        return 'A variable of the simulator against a number.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(Id::VARIABLE, 'Variable', new Id(Id::VARIABLE, true), 'The variable by its id.'),
            Field::required('is', 'Is', Choice::of(...self::COMPARES), 'How it is to compare.'),
            Field::required('to', 'Than', new Number, 'The number.'),
        );
    }

    public static function from(FieldValues $given): self
    {
        return new self($given->text(Id::VARIABLE), $given->text('is'), $given->number('to'));
    }

    /** The number that it is compared with. */
    public function to(): float
    {
        return $this->to;
    }

    public function holds(RunView $run): bool
    {
        $value = $run->variable($this->name);
        $to = round($this->to, 6);

        return match ($this->is) {
            '=' => $value === $to,
            '≠' => $value !== $to,
            '<' => $value < $to,
            '≤' => $value <= $to,
            '>' => $value > $to,
            default => $value >= $to,
        };
    }

    /** Nobody knows what a variable is that the simulator does not have. */
    public function holdsWithout(): bool
    {
        return false;
    }

    public function negated(): self
    {
        return new self($this->name, self::NEGATED[$this->is], $this->to);
    }

    public function toArray(): array
    {
        return [Id::VARIABLE => $this->name, 'is' => $this->is, 'to' => $this->to];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            '%s %s %s',
            $names->of(Id::VARIABLE, $this->name),
            $this->is,
            $names->value($this->name, $this->to),
        );
    }

    public function whyNotOn(DeviceByItself $device): string
    {
        return 'only Nailrod itself knows the variable that it depends on';
    }
}
