<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Recording;

use Nailrod\Core\Format\Cause\Input;

/** A piece of a recording as one of its own: it begins with the rig as it stood then. */
final class RecordingCut
{
    /**
     * @param iterable<list<Input>> $batches of the whole recording, in time order
     * @param int                   $from    time that becomes 0, in µs
     * @param int                   $to      the last time that belongs to the piece, in µs
     *
     * @return \Generator<array{string, int, int}> rows, how many they are, and the time of the last one in the new
     * recording
     */
    public static function rows(iterable $batches, int $from, int $to): \Generator
    {
        $hands = [];
        $hasBegun = false;
        foreach ($batches as $batch) {
            $rows = '';
            $count = $last = 0;
            foreach ($batch as $input) {
                if ($input->t > $to) {
                    break;
                }
                if ($input->t <= $from) {
                    // What was last is last: a device that went after its contact was closed has opened it.
                    unset($hands[$input->isAside() ? $input->plainPort() : $input->port.Input::ASIDE]);
                    if ($input->isPlug()) {
                        unset($hands[$input->port]);
                    }
                    $hands[$input->port] = $input->value;

                    continue;
                }
                if (! $hasBegun) {
                    $hasBegun = true;
                    yield [RecordingWriter::snapshot($hands), count($hands), 0];
                }
                $rows .= RecordingWriter::line($input, $from);
                $count++;
                $last = $input->t - $from;
            }
            if ($count > 0) {
                yield [$rows, $count, $last];
            }
        }
        if (! $hasBegun) {
            yield [RecordingWriter::snapshot($hands), count($hands), 0];
        }
    }
}
