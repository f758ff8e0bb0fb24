<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Output\OutputInterface;

/** A command that cannot do what it was asked to says why on standard error, as it stands. */
trait RefusesInWords
{
    private function refused(string $why, int $code = self::FAILURE): int
    {
        $this->tell($why);

        return $code;
    }

    /** Said beside what the command prints. */
    private function tell(string $message): void
    {
        $this->output->getErrorStyle()->writeln($message, OutputInterface::OUTPUT_RAW);
    }
}
