<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

/** How a rule lights one of its lamps, and while what: enough to see whether two rules contradict each other. */
final readonly class Shows
{
    public function __construct(public Look $look, public Seen $while) {}
}
