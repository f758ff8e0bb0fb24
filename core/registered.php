<?php

declare(strict_types=1);

/*
 * What a room gives to one that comes before it, and so must not know it: read by the autoloader, before anything else.
 */

use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Check\Checks;
use Nailrod\Core\Format\Families;
use Nailrod\Core\Output\Outputs;
use Nailrod\Core\Print\LabelWithoutRoom;

Families::register(Families::BEHAVIOURS, Behaviours::class);
Families::register(Families::OUTPUTS, Outputs::class);
Checks::register(LabelWithoutRoom::class);
