<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Foundation\Console\Kernel as FrameworkKernel;
use Symfony\Component\Console\Output\ConsoleOutput;

/** Commands without the clock of the framework, which nobody asks: its dates alone take 2 MB and more of a command's memory. */
final class Kernel extends FrameworkKernel
{
    public function handle($input, $output = null): int
    {
        try {
            $this->bootstrap();

            return $this->getArtisan()->run($input, $output);
        } catch (\Throwable $failure) {
            $this->reportException($failure);
            $this->renderException($output ?? new ConsoleOutput, $failure);

            return 1;
        }
    }
}
