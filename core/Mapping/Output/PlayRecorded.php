<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\HasNoFields;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

/** Plays the macro that was recorded last from the rig; nothing before the first. */
final readonly class PlayRecorded implements ContactOutput, PlaysLatest
{
    use HasNoFields;
    use IsKind;
    use OnEveryPress;

    public function __construct() {}

    public static function kind(): string
    {
        return 'play recorded';
    }

    public static function title(): string
    {
        return 'play what was recorded last';
    }

    public static function about(): string
    {
        return 'Plays the macro that was recorded last from the rig, by *record macro*; nothing before the first.';
    }

    public function inWords(Names $names): string
    {
        return 'play what was recorded last';
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->playRecorded($cause);
    }
}
