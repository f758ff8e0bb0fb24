<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Cause;

/** Why an output changed: the input (or the start, or a change from outside) it came from, and each step on the way. */
final readonly class Cause
{
    public const START = 'start';
    public const SET_CHANGED = 'set-changed';
    public const UNPLUGGED = 'unplugged';
    public const PLUGGED_IN = 'plugged-in';
    public const CLOSED = 'closed';
    public const TRIED = 'tried';

    /**
     * @param Input|string $origin an input, or one of the words above
     * @param list<Step>   $steps
     */
    public function __construct(public Input|string $origin, public array $steps = []) {}

    public function then(StepKind $kind, string $subject, int|float|string|null $detail = null): self
    {
        return new self($this->origin, [...$this->steps, new Step($kind, $subject, $detail)]);
    }

    /** The same as then() with a step that is at hand already. */
    public function with(Step $step): self
    {
        $steps = $this->steps;
        $steps[] = $step;

        return new self($this->origin, $steps);
    }

    /** The closing or opening of a contact on the way; null if no contact had a part in it. */
    public function contact(): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->kind === StepKind::Closed || $step->kind === StepKind::Opened) {
                return $step;
            }
        }

        return null;
    }

    /** The cause in one column of a file: "fennel/switch-2.up=1@1200000 > layer base > behaviour pulse 60 ms". */
    public function compact(): string
    {
        $parts = [
            is_string($this->origin) ? $this->origin : sprintf(
                '%s=%s@%d',
                $this->origin->port,
                json_encode($this->origin->value),
                $this->origin->t,
            ),
        ];
        foreach ($this->steps as $step) {
            $parts[] = $step->compact();
        }

        return implode(' > ', $parts);
    }
}
