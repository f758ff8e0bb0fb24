<?php

declare(strict_types=1);

namespace Nailrod\Core\Action;

enum EffectKind: string
{
    case Hold = 'hold';
    case Flip = 'flip';
    case Set = 'set';
    case Step = 'step';
    case Follow = 'follow';
}
