<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

enum Side: string
{
    case Above = 'above';
    case Below = 'below';
}
