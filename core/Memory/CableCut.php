<?php

declare(strict_types=1);

namespace Nailrod\Core\Memory;

use Nailrod\Core\Format\Refusal;

/** The connection to the device was lost in the middle of a write. */
final class CableCut extends \RuntimeException implements Refusal
{
    public static function after(int $bytes): self
    {
        return new self(sprintf('The connection was lost after %d bytes. The device still works with what was stored before; plug it in and write again.', $bytes));
    }
}
