<?php

declare(strict_types=1);

namespace App\Recordings;

use Nailrod\Core\Format\Refusal;

/** A file that cannot be taken as a recording: its name, the line, what was found and what was expected. */
final class BadRecording extends \RuntimeException implements Refusal
{
    public static function noRoom(): self
    {
        return new self(
            'The recording could not be written: the disk is full, or the folder of recordings cannot be written. '
                .'Make room, then try again.',
        );
    }

    public static function gone(string $name): self
    {
        return new self(sprintf(
            'The file of "%s" is gone or cannot be read, so there is nothing to play or save. Take the recording '
                .'away, or put its file back.',
            $name,
        ));
    }

    public static function in(string $file, \Throwable $error): self
    {
        return new self($file.': '.$error->getMessage(), 0, $error);
    }
}
