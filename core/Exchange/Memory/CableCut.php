<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Refusal;

/** The connection to the device was lost in the middle of a write. */
final class CableCut extends \RuntimeException implements Refusal
{
    /** It is not there any more when what was written is to be read back. */
    public static function gone(int $bytes): self
    {
        return new self(sprintf(
            'The device went after %d bytes were sent, before they could be read back. It works either with what '
                .'was stored before or with all of what was written; plug it in, and this page says which.',
            $bytes,
        ));
    }

    public static function after(int $bytes): self
    {
        return new self(sprintf(
            'The connection was lost after %d bytes. The device still works with what was stored before; plug it '
                .'in and write again.',
            $bytes,
        ));
    }
}
