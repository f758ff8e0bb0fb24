<?php

declare(strict_types=1);

namespace App\Console;

use App\Storage\StoreRefuses;
use Illuminate\Foundation\Console\Kernel as FrameworkKernel;
use Symfony\Component\Console\Output\ConsoleOutput;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Commands without the clock of the framework, which nobody asks: its dates alone take 2 MB and more of a command's
 * memory.
 */
final class Kernel extends FrameworkKernel
{
    public function handle($input, $output = null): int
    {
        try {
            $this->bootstrap();

            return $this->getArtisan()->run($input, $output);
        } catch (\Throwable $failure) {
            $words = self::inWords($failure);
            if ($words !== null) {
                (
                    $output instanceof ConsoleOutputInterface
                        ? $output->getErrorOutput()
                        : $output
                        ?? (new ConsoleOutput)
                        ->getErrorOutput()
                )->writeln($words, OutputInterface::OUTPUT_RAW);

                return 1;
            }
            $this->reportException($failure);
            $this->renderException($output ?? new ConsoleOutput, $failure);

            return 1;
        }
    }

    /** What a command says that finds no database, or one that it cannot write; null for another failure. */
    private static function inWords(\Throwable $failure): ?string
    {
        $said = $failure->getMessage();

        return match (true) {
            ! $failure instanceof \PDOException => null,
            str_contains($said, 'no such table'), str_contains($said, 'Database file at path'), str_contains(
                $said,
                'unable to open database file',
            ) => 'There is no database yet, or it is of an older version. Start Nailrod once: bin/start',
            default => StoreRefuses::of($failure)?->getMessage(),
        };
    }
}
