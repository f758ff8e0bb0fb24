<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Recording;

use Nailrod\Core\Format\Cause\Input;

/** Inputs as the rows of a recording; RecordingReader reads them back. */
final class RecordingWriter
{
    /** @param int $from the time that is to be 0, in µs */
    public static function line(Input $input, int $from = 0): string
    {
        [$device, $control] = [...explode('/', $input->port, 2), ''];

        return sprintf("%d,%s,%s,%s\n", max(0, $input->t - $from), $device, $control, json_encode($input->value));
    }

    /**
     * How a rig is found: one row at time 0 for each port.
     *
     * @param array<string, int|float> $hands last value by port
     */
    public static function snapshot(array $hands): string
    {
        $rows = '';
        foreach ($hands as $port => $value) {
            $rows .= self::line(new Input(0, $port, $value));
        }

        return $rows;
    }
}
