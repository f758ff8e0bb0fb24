<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

use Nailrod\Core\Format\Refusal;

/** A report descriptor that cannot be: at which byte, what was found, what was expected. */
final class DescriptorError extends \DomainException implements Refusal
{
    public static function at(int $offset, string $found, string $expected): self
    {
        return new self(sprintf('byte %d: found %s, expected %s.', $offset, $found, $expected));
    }

    public static function text(string $found): self
    {
        return new self(sprintf(
            'the file: found %s, expected the bytes of a report descriptor: binary, hex digits, or a list such '
                .'as 0x05, 0x01.',
            mb_scrub($found, 'UTF-8'),
        ));
    }
}
