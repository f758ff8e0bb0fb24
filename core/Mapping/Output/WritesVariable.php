<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that writes a variable of the simulator. */
interface WritesVariable extends Output
{
    /** Id of the variable. */
    public function variable(): string;

    /** Does it keep the variable where its own control stands, rather than change it at a press? */
    public function keepsVariable(): bool;

    /** @return list<float> the values that it can set the variable to; none if it steps it, or follows an axis */
    public function writes(): array;

    /** By how much it steps the variable; 0 if it does not. */
    public function steps(): float;
}
