<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It can be the way by which an action of the simulator is reached. */
interface IsWay extends Output {}
