<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Engine\Recording\RecordingReader;
use Symfony\Component\Process\Process;

/** A very long run through the command line, from one end of a pipe; what comes out is thrown away. */
final class LongRunBench
{
    public function __construct(private readonly string $set, private readonly int $samples) {}

    /** @return list<Measurement> */
    public function figures(): array
    {
        $php = escapeshellarg(PHP_BINARY);
        $process = Process::fromShellCommandline(
            sprintf(
                '%s artisan nailrod:bench --samples=%d | %s artisan nailrod:play %s - --figures >/dev/null',
                $php,
                $this->samples,
                $php,
                escapeshellarg($this->set),
            ),
            base_path(),
            timeout: null,
        );
        $start = hrtime(true);
        $process->run();
        if (preg_match('/peak memory ([\d.]+) MB/', $process->getErrorOutput(), $match) !== 1) {
            throw new \RuntimeException('The long run did not end well: '.$process->getErrorOutput());
        }

        return [
            new Measurement('samples of the long run', $this->samples, 'rows'),
            new Measurement('time of the long run', (hrtime(true) - $start) / 1e9, 's'),
            new Measurement('peak memory of the long run', (float) $match[1], 'MB'),
        ];
    }

    /** @return \Generator<string> a run of that many samples as CSV, in pieces */
    public static function run(int $samples): \Generator
    {
        $piece = RecordingReader::HEADER."\n";
        for ($i = 1; $i <= $samples; $i++) {
            $piece .= (1000 * $i).',fennel,left-lever,'.(int) round(65535 * (0.5 - 0.5 * cos($i / 900)))."\n";
            if ($i % 5000 === 0) {
                yield $piece;
                $piece = '';
            }
        }
        yield $piece;
    }
}
