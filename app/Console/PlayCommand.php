<?php

declare(strict_types=1);

namespace App\Console;

use App\Sets\FolderLibrary;
use Illuminate\Console\Command;
use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Recording\OutputWriter;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\SetBundle;
use Symfony\Component\Console\Output\OutputInterface;

final class PlayCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:play {set : a set file that stands alone, or has its parents and devices beside '
        .'it} {recording : a recording as CSV, or - for standard input} {--figures : say at the end, on standard '
        .'error, how much memory it took}';

    protected $description = 'Plays a recording through a set and prints what comes out, as CSV';

    public function handle(): int
    {
        $file = $this->word('set');
        $json = is_file($file) ? file_get_contents($file) : false;
        if ($json === false) {
            return $this->refused($file.': found no such file, expected a set.');
        }
        try {
            $bundle = SetBundle::read($json, new FolderLibrary(dirname($file)));
            $machine = Machine::start(Compiler::compile((new Assembly($bundle))->assemble($bundle->set)), true);
        } catch (FormatError $error) {
            return $this->refused($error->in(basename($file))->getMessage());
        }
        $recording = $this->word('recording');
        $lines = @fopen($recording === '-' ? 'php://stdin' : $recording, 'r');
        if ($lines === false) {
            return $this->refused($recording.': found no such file, expected a recording.');
        }
        try {
            $this->write(OutputWriter::HEADER."\n");
            foreach (RecordingReader::batches($this->linesOf($lines)) as $batch) {
                $this->events($machine->feed($batch));
            }
            $this->events($machine->finish());
        } catch (InputError $error) {
            return $this->refused(basename($recording).': '.$error->getMessage());
        } finally {
            fclose($lines);
        }
        if ($this->option('figures')) {
            $this->tell(sprintf('peak memory %.1f MB', memory_get_peak_usage(true) / 1_048_576));
        }

        return self::SUCCESS;
    }

    /**
     * @param resource $stream
     *
     * @return \Generator<string>
     */
    private function linesOf($stream): \Generator
    {
        while (($line = fgets($stream, 4096)) !== false) {
            yield $line;
        }
    }

    /** @param list<\Nailrod\Core\Mapping\Output\OutputEvent> $events */
    private function events(array $events): void
    {
        $text = '';
        foreach ($events as $event) {
            $text .= OutputWriter::line($event);
        }
        $this->write($text);
    }

    private function write(string $text): void
    {
        $this->output->write($text, false, OutputInterface::OUTPUT_RAW);
    }

    private function word(string $argument): string
    {
        $word = $this->argument($argument);

        return is_string($word) ? $word : '';
    }
}
