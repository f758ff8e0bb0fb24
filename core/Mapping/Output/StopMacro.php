<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;

/** Stops a macro at every press. */
final readonly class StopMacro extends MacroOutput
{
    public static function kind(): string
    {
        return 'stop macro';
    }

    public static function title(): string
    {
        return 'stop a macro';
    }

    public static function about(): string
    {
        return 'Stops a macro at every press.';
    }

    public function inWords(Names $names): string
    {
        return 'stop '.$names->of(Id::MACRO, $this->macro);
    }

    public function does(): string
    {
        return 'stops it';
    }

    public function starts(): bool
    {
        return false;
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->stopMacro($this->macro, $cause);
    }
}
