<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Cause;

/** One step on the way from an input to an output: what kind, of which thing, and the figure that matters. */
final readonly class Step
{
    public function __construct(
        public StepKind $kind,
        public string $subject,
        public int|float|string|null $detail = null,
    ) {}

    public function compact(): string
    {
        return $this->kind->value.' '.$this->subject.($this->detail === null ? '' : ' '.$this->detail);
    }
}
