<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Output\ContactOutput;

/** Plays a macro, which is held while the contact is closed. It has no outputs beside those of the macro. */
final readonly class PlayMacro implements PlaysItsMacro
{
    use IsKind;

    public function __construct(public string $macro) {}

    public static function kind(): string
    {
        return 'macro';
    }

    public static function title(): string
    {
        return 'play a macro';
    }

    public static function about(): string
    {
        return 'Plays a macro, which is held while the contact is closed; a cell with it has no outputs of its own.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('macro', 'Macro', new Id(Id::MACRO), 'The macro.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('macro'));
    }

    public function values(): array
    {
        return ['macro' => $this->macro];
    }

    public function inWords(Names $names): string
    {
        return 'macro '.$names->of(Id::MACRO, $this->macro);
    }

    public function macro(): string
    {
        return $this->macro;
    }

    public function refuses(ContactOutput $output): string
    {
        return 'no output of its own, since a macro has its own';
    }

    public function sendsAllAtOnce(): bool
    {
        return false;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found) {
            $run->holdMacro($this->macro, $assigned, $cause);
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $run->letGoOfMacro($this->macro, $assigned, $cause);
    }
}
