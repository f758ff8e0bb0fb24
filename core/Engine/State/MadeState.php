<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** What is made from axes. */
final class MadeState implements PartState
{
    /** @var array<int, int> where each stands */
    public array $stands = [];

    /** Thresholds and zones keep their side. */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        foreach (array_keys($to->new->tables->made) as $made) {
            $stands = $this->stands[$to->madeBefore($made)] ?? null;
            if ($stands !== null) {
                $next->stands[$made] = $stands;
            }
        }

        return $next;
    }
}
