<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;

/** A question whose thing is one way or the other: the first of WAYS, or the second. */
trait AsksOne
{
    use IsQuestion;

    private function __construct(string $name, string $is)
    {
        $this->name = $name;
        $this->is = $is;
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                self::sort(),
                ucfirst(self::sort()),
                new Id(self::sort()),
                'The '.self::sort().' by its id.',
            ),
            Field::required('is', 'Is', Choice::of(...self::WAYS), 'What it is to be.'),
        );
    }

    public static function from(FieldValues $given): self
    {
        return new self($given->text(self::sort()), $given->text('is'));
    }

    public function holdsWithout(): bool
    {
        return $this->is === self::WAYS[1];
    }

    public function negated(): self
    {
        return new self($this->name, self::WAYS[(int) ($this->is === self::WAYS[0])]);
    }

    public function toArray(): array
    {
        return [self::sort() => $this->name, 'is' => $this->is];
    }

    public function inWords(Names $names): string
    {
        return $names->of(self::sort(), $this->name).' is '.$this->is;
    }
}
