<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Recording;

use Nailrod\Core\Mapping\Output\OutputEvent;

/** What came out, as CSV: one row a change. */
final class OutputWriter
{
    public const HEADER = 't_us,kind,target,value,cause';

    public static function line(OutputEvent $event): string
    {
        return implode(',', array_map(self::cell(...), $event->row()))."\n";
    }

    private static function cell(int|float|string $cell): string
    {
        $text = is_string($cell) ? $cell : (string) json_encode($cell);

        return strpbrk($text, ",\"\r\n") === false ? $text : '"'.str_replace('"', '""', $text).'"';
    }
}
