<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Format\Refusal;

/** A call that its token does not cover. */
final class NotAllowed extends \DomainException implements Refusal
{
    public static function toAnything(): self
    {
        return new self('A token that allows nothing is of no use: say what the program may see, move, be or order.');
    }

    public static function to(string $what): self
    {
        return new self(
            sprintf('This token does not allow to %s. Make one that does with php artisan nailrod:token.', $what),
        );
    }
}
