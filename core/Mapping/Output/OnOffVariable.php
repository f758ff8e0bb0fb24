<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;

/** A variable of the simulator with one value while held and another while not. */
final readonly class OnOffVariable implements ContactOutput, IsWay, KeepsInStep
{
    use IsHeld;
    use IsKind;

    public function __construct(public string $name, public float $on, public float $off) {}

    public static function kind(): string
    {
        return 'on/off variable';
    }

    public static function title(): string
    {
        return 'a variable, on and off';
    }

    public static function about(): string
    {
        return 'A variable of the simulator with one value while it is held and another while it is not.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Variable', new Id(Id::VARIABLE), 'The variable of the simulator that is written.'),
            Field::optional(1, 'on', 'Closed', new Number, 'Its value while the output is on.'),
            Field::optional(0, 'off', 'Open', new Number, 'Its value while the output is off.'),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('name'), $given->number('on'), $given->number('off'));
    }

    public function values(): array
    {
        return ['name' => $this->name, 'on' => $this->on, 'off' => $this->off];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'variable %s, %s or %s',
            $names->of(Id::VARIABLE, $this->name),
            json_encode(round($this->on, 6)),
            json_encode(round($this->off, 6)),
        );
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->holdVariable($this->name, $source, $this->on, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfVariable($this->name, $source, $this->off, $cause);
    }

    public function foundOpen(Effects $run, Cause $cause): void
    {
        $run->foundVariable($this->name, $this->off, $cause);
    }

    public function variable(): string
    {
        return $this->name;
    }

    public function writes(): array
    {
        return [$this->on, $this->off];
    }

    public function steps(): float
    {
        return 0.0;
    }

    public function keepsVariable(): bool
    {
        return true;
    }
}
