<?php

declare(strict_types=1);

namespace App\Runs;

/** A file that cannot be taken as a run: its name, the line, what was found and what was expected. */
final class BadRun extends \RuntimeException
{
    public static function noRoom(): self
    {
        return new self('The run could not be written: the disk is full, or the folder of runs cannot be written. Make room, then try again.');
    }

    public static function in(string $file, \Throwable $error): self
    {
        return new self($file.': '.$error->getMessage(), 0, $error);
    }
}
