<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Run\Run;

/** What ties one or more lamps to something that can be seen of a run. */
interface LampRule
{
    /** @return list<string> references of its lamps */
    public function lamps(): array;

    /** @return array<string, Look> by lamp, those that are lit just now */
    public function lit(Run $run): array;

    /** @return array<string, mixed> the rule in the open format */
    public function toArray(): array;
}
