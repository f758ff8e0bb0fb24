<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Refusal;

final class MemoryError extends \DomainException implements Refusal
{
    public static function tooLarge(int $bytes, int $room): self
    {
        return new self(sprintf(
            'The mapping takes %d bytes, and a bank of the device holds %d. Assign fewer controls of this '
                .'device, then write again.',
            $bytes,
            $room,
        ));
    }

    /** @param string $why a sentence, with what to do */
    public static function notReady(string $name, string $why): self
    {
        return new self($name.' cannot be written now: '.lcfirst($why));
    }

    /** @param string $why a sentence */
    public static function noMapping(string $name, string $why): self
    {
        return new self('Nothing was written to '.$name.', since what was to go into it is no mapping of it. '.$why);
    }

    public static function unknown(string $name): self
    {
        return new self(
            'The rig does not answer, so nobody knows whether '.$name.' is plugged in. Wait a moment, then try again.',
        );
    }

    /** @param string $why a sentence */
    public static function notFor(string $why): self
    {
        return new self($why);
    }

    public static function notVerified(): self
    {
        return new self(
            'What was read back is not what was written. The device still works with what was stored before; write '
                .'again, and if it fails again, check the cable.',
        );
    }
}
