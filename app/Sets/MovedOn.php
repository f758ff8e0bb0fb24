<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Format\Refusal;

/**
 * An undo or redo, or a change of a list, was asked for by somebody who saw another revision than the one that holds.
 */
final class MovedOn extends \RuntimeException implements Refusal
{
    public static function list(): self
    {
        return new self(
            'The list was changed in another tab, so nothing was done. It is shown as it is now; try again if that '
                .'is what you want.',
        );
    }

    public static function since(): self
    {
        return new self(
            'The set was changed in another tab, so nothing was undone or done again. It is shown as it is now; try '
                .'again if that is what you want.',
        );
    }
}
