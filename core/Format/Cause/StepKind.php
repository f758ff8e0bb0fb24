<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Cause;

enum StepKind: string
{
    case Closed = 'closed';
    case Opened = 'opened';
    case Layer = 'layer';
    case Behaviour = 'behaviour';
    case Timer = 'timer';
    case Action = 'action';
    case StopOpens = 'stop-opens';
    case StopShuts = 'stop-shuts';
    case StopHolds = 'stop-holds';
    case AxisSends = 'axis';
    case Macro = 'macro';
    case Chord = 'chord';
    case TurnedTo = 'turned';
    case DoesAs = 'as';
    case Otherwise = 'otherwise';
    case Builds = 'builds';
    case ReturnsToRest = 'rests';
    case GoesLive = 'goes-live';
    case Lamp = 'lamp';
}
