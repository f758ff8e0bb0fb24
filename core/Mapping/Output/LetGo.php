<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\HasNoFields;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

/** Lets go of everything that is held, toggled or repeating, and ends all macros. */
final readonly class LetGo implements ContactOutput, LetsGoOfAll, StoredOnDevice
{
    use HasNoFields;
    use IsKind;
    use OnEveryPress;

    public function __construct() {}

    public static function kind(): string
    {
        return 'let go of everything';
    }

    public static function title(): string
    {
        return 'let go of everything';
    }

    public static function about(): string
    {
        return 'Lets go of everything that is held, toggled or repeating, and ends all macros.';
    }

    public function inWords(Names $names): string
    {
        return 'lets go of everything';
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfEverything($cause);
    }
}
