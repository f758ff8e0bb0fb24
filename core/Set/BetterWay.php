<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Output\Output;

/** An action, and a way to reach it that would be better. */
final readonly class BetterWay
{
    public function __construct(public Action $action, public Output $way) {}
}
