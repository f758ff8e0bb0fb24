<?php

declare(strict_types=1);

namespace App\Bench;

use App\Recordings\Recordings;
use App\Rig\RigRecorder;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\BindingSet;
use Symfony\Component\Process\Process;

/** A long recording of sixteen axes at a thousand readings a second: kept, saved, taken in again, and both replayed. */
final class RecordingBench
{
    private const AXES = 16;

    /** A hand sends some thirty batches a second, in µs. */
    private const BATCH = 40_000;

    /** @param string $file the set as a file that stands alone */
    public function __construct(
        private readonly Recordings $recordings,
        private readonly string $file,
        private readonly int $seconds,
    ) {}

    /** @return list<Measurement> */
    public function figures(): array
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', 'nailrod:bench', '--record='.$this->seconds],
            base_path(),
            timeout: null,
        );
        $process->mustRun();
        /** @var array{recordings: array{string, string}, record: float, import: float, peak: float} $made */
        $made = json_decode($process->getOutput(), true, 8, JSON_THROW_ON_ERROR);
        [$hash, $memory] = $this->replay($made['recordings'][0]);
        [$hashAgain, $memoryAgain] = $this->replay($made['recordings'][1]);
        if ($hash !== $hashAgain) {
            throw new \RuntimeException('The recording and its copy gave different outputs.');
        }

        return [
            new Measurement('rows of the recording', self::AXES * 1000 * $this->seconds, 'rows'),
            new Measurement('recording, of the time it records', $made['record'] / $this->seconds, 'times'),
            new Measurement('saving and taking in again', $made['import'], 's'),
            new Measurement('peak memory of recording and taking in', $made['peak'], 'MB'),
            new Measurement('peak memory of replaying it', max($memory, $memoryAgain), 'MB'),
            new Measurement('outputs of the recording and of its copy are the same', 1, 'yes'),
        ];
    }

    /**
     * Records, saves and takes in again, in a process of its own.
     *
     * @return array{recordings: array{string, string}, record: float, import: float, peak: float} ids, seconds,
     * seconds, MB
     */
    public function make(BindingSet $set): array
    {
        $start = hrtime(true);
        $run = $this->record($set);
        $recorded = hrtime(true);
        $saved = $this->recordings->file($run).'.saved';
        copy($this->recordings->file($run), $saved);
        $again = $this->recordings->import($saved, 'bench again', 'bench.csv')->id;

        return [
            'recordings' => [$run, $again],
            'record' => ($recorded - $start) / 1e9,
            'import' => (hrtime(true) - $recorded) / 1e9,
            'peak' => memory_get_peak_usage(true) / 1_048_576,
        ];
    }

    private function record(BindingSet $set): string
    {
        $axes = array_slice(array_values($set->rig->axes), 0, self::AXES);
        $recorder = new RigRecorder($this->recordings);
        $recorder->begin(
            array_combine(
                array_map(fn (AxisInput $axis) => $axis->ref, $axes),
                array_map(fn (AxisInput $axis) => $axis->restReading(), $axes),
            ),
            0,
        );
        for ($t = 0; $t < 1_000_000 * $this->seconds; $t += self::BATCH) {
            $inputs = [];
            for ($at = $t + 1000; $at <= $t + self::BATCH; $at += 1000) {
                foreach ($axes as $i => $axis) {
                    $inputs[] = new Input(
                        $at,
                        $axis->ref,
                        $axis->min + (int) round($axis->width() * (0.5 - 0.5 * cos($at / (700_000 + 90_000 * $i)))),
                    );
                }
            }
            $recorder->append($inputs);
        }
        $run = $recorder->keep('bench');
        assert($run !== null);

        return $run->id;
    }

    /** @return array{string, float} a hash of all that came out, and the peak memory in MB */
    private function replay(string $run): array
    {
        $process = Process::fromShellCommandline(
            sprintf(
                '%s artisan nailrod:play %s %s --figures | sha256sum',
                escapeshellarg(PHP_BINARY),
                escapeshellarg($this->file),
                escapeshellarg($this->recordings->file($run)),
            ),
            base_path(),
            timeout: null,
        );
        $process->run();
        if (preg_match('/peak memory ([\d.]+) MB/', $process->getErrorOutput(), $match) !== 1) {
            throw new \RuntimeException('The recording could not be replayed: '.$process->getErrorOutput());
        }

        return [$process->getOutput(), (float) $match[1]];
    }
}
