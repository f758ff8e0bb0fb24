<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

enum EffectKind: string
{
    case Hold = 'hold';
    case Flip = 'flip';
    case Set = 'set';
    case Step = 'step';
    case Follow = 'follow';

    /** Is it said with an amount: what it sets, or by how much it steps? */
    public function takesAmount(): bool
    {
        return $this === self::Set || $this === self::Step;
    }
}
