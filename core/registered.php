<?php

declare(strict_types=1);

/*
 * What a room gives to one that comes before it, and so must not know it: read by the autoloader, before anything else.
 */

use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Exchange\Print\LabelWithoutRoom;
use Nailrod\Core\Format\Families;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Output\Outputs;

Families::register(Families::BEHAVIOURS, Behaviours::class);
Families::register(Families::OUTPUTS, Outputs::class);
Checks::register(LabelWithoutRoom::class);
