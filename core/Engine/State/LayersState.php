<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

/** Which layers are held, and which is settled. Indices are those of the program. */
final class LayersState implements PartState
{
    /** @var list<array{int, string}> layers that are held, the live one last, each with its source */
    public array $held = [];

    public int $settled = 0;

    /** The live layer as it was last told. */
    public int $told = 0;

    public function carried(Renumbering $to): static
    {
        $next = new self;
        $next->settled = $to->layer($this->settled);
        $next->told = $to->layer($this->told);

        return $next;
    }
}
