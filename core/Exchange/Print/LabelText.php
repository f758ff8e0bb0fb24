<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

/** What stands on a label. */
enum LabelText: string
{
    case Action = 'action';
    case Own = 'own';
    case Both = 'both';

    public function inWords(): string
    {
        return match ($this) {
            self::Action => 'what it does',
            self::Own => 'my own label',
            self::Both => 'both',
        };
    }
}
