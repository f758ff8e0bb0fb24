<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It presses keys, some of which a game or the system keeps for itself. */
interface PressesKeys extends Output
{
    public function keys(): KeyStroke;
}
