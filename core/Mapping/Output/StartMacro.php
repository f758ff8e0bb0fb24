<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;

/** Starts a macro at every press. */
final readonly class StartMacro extends MacroOutput
{
    public static function kind(): string
    {
        return 'start macro';
    }

    public static function title(): string
    {
        return 'start a macro';
    }

    public static function about(): string
    {
        return 'Starts a macro at every press.';
    }

    public function inWords(Names $names): string
    {
        return 'start '.$names->of(Id::MACRO, $this->macro);
    }

    public function does(): string
    {
        return 'starts it';
    }

    public function starts(): bool
    {
        return true;
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->startMacro($this->macro, $cause);
    }
}
