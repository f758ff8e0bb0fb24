<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Made\Above;
use Nailrod\Core\Made\Below;

enum Side: string
{
    case Above = 'above';
    case Below = 'below';
}
