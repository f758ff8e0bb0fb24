<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\HoldsTarget;

/** An output that only the tests know: a buzzer. */
final readonly class Buzz implements ContactOutput
{
    use HoldsTarget;
    use IsKind;

    private function __construct(private int $tone) {}

    public static function kind(): string
    {
        return 'buzz';
    }

    public static function title(): string
    {
        return 'a buzzer';
    }

    public static function about(): string
    {
        return 'Buzzes while it is held.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('tone', 'Tone', new Whole(1, 9), 'How high it buzzes.', 4));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->whole('tone'));
    }

    public function values(): array
    {
        return ['tone' => $this->tone];
    }

    public function inWords(Names $names): string
    {
        return 'buzz at '.$this->tone;
    }

    protected function event(): string
    {
        return 'buzz';
    }

    protected function target(): string
    {
        return (string) $this->tone;
    }
}
