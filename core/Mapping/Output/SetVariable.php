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

/** A variable of the simulator that each press sets to one value. */
final readonly class SetVariable implements CanBeRecorded, ContactOutput, IsWay, WritesVariable
{
    use IsKind;
    use OnEveryPress;

    public function __construct(public string $name, public float $to) {}

    public static function kind(): string
    {
        return 'set variable';
    }

    public static function title(): string
    {
        return 'a variable, set';
    }

    public static function about(): string
    {
        return 'A variable of the simulator that each press sets to one value.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Variable', new Id(Id::VARIABLE), 'The variable of the simulator that is written.'),
            Field::required('to', 'Set to', new Number, 'Its value from then on.', 1),
        );
    }

    /** It is set at once, and stays so. */
    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        $set = new self($event->target, (float) $event->value);

        return $event->kind === OutputEvent::VARIABLE ? [[$set, true], [$set, false]] : [];
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('name'), $given->number('to'));
    }

    public function values(): array
    {
        return ['name' => $this->name, 'to' => $this->to];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'variable %s set to %s',
            $names->of(Id::VARIABLE, $this->name),
            json_encode(round($this->to, 6)),
        );
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->setVariable($this->name, $this->to, $cause);
    }

    public function variable(): string
    {
        return $this->name;
    }

    public function writes(): array
    {
        return [$this->to];
    }

    public function steps(): float
    {
        return 0.0;
    }

    public function keepsVariable(): bool
    {
        return false;
    }
}
