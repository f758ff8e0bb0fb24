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

/** Records what the game is told into a macro: a press begins, the next ends and keeps it. */
final readonly class RecordMacro implements ContactOutput, NamesPart, UsesMacro
{
    use IsKind;
    use NamesOnePart;
    use OnEveryPress;

    public function __construct(public string $macro) {}

    public static function kind(): string
    {
        return 'record macro';
    }

    public static function title(): string
    {
        return 'record a macro';
    }

    public static function about(): string
    {
        return 'Records what the game is told into a macro, in the place of what it did: a press begins, the next '
            .'one ends and keeps it, after a minute at the latest. What the same control does is left out, and what '
            .'the macro itself does.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('macro', 'Macro', new Id(Id::MACRO), 'The macro that it goes into.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('macro'));
    }

    public function values(): array
    {
        return ['macro' => $this->macro];
    }

    public function names(): array
    {
        return [[self::MACRO, $this->macro]];
    }

    public function macro(): string
    {
        return $this->macro;
    }

    public function does(): string
    {
        return 'records it';
    }

    public function inWords(Names $names): string
    {
        return 'record '.$names->of(Id::MACRO, $this->macro);
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->recordMacro($this->macro, $cause);
    }
}
