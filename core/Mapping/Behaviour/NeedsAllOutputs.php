<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** A behaviour that would do something else with one of its outputs less. */
interface NeedsAllOutputs extends Behaviour {}
