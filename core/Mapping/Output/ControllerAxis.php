<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

/** An axis of the controller that the game sees. */
final readonly class ControllerAxis implements AxisOutput, Drives, IsNumbered, IsWay, StoredOnDevice
{
    use HasNumber;
    use IsKind;

    public const MOST = 32;

    public static function kind(): string
    {
        return 'axis';
    }

    public static function title(): string
    {
        return 'a controller axis';
    }

    public static function about(): string
    {
        return 'An axis of the controller that the game sees.';
    }

    public function inWords(Names $names): string
    {
        return 'axis '.$this->number;
    }

    public function event(): string
    {
        return OutputEvent::AXIS;
    }

    public function send(float $value, int $integer): int
    {
        return $integer;
    }

    public static function several(): string
    {
        return 'axes';
    }

    public static function seen(int $buttons, int $axes): int
    {
        return $axes;
    }
}
