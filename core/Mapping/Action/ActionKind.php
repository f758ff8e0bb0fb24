<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

enum ActionKind: string
{
    case Momentary = 'momentary';
    case TwoState = 'two-state';
    case StepPair = 'step pair';
    case Axis = 'axis';
    case Selector = 'selector';
}
