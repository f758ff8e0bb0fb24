<?php

declare(strict_types=1);

namespace App\Live;

use Nailrod\Core\Format\Refusal;

/** A batch of inputs came out of turn. Nothing was taken. */
final class OutOfOrder extends \RuntimeException implements Refusal
{
    public static function batch(int $found, int $expected): self
    {
        return new self(sprintf('Batch %d came, batch %d was expected. Nothing was taken; send from batch %d on.', $found, $expected, $expected));
    }
}
