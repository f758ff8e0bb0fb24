<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\VariablesState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** What is written to the variables of the simulator, and what they are known to be. */
final class Variables
{
    private readonly VariablesState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->variables;
    }

    /**
     * What a variable is: as it was last set or said, else as the game begins with it; 0 if the game does not name it.
     */
    public function valueOf(string $name): float
    {
        return $this->own->values[$name] ?? $this->run->program->tables->starts[$name] ?? 0.0;
    }

    /** What a variable was last set to or said to be; null if neither. */
    public function said(string $name): ?float
    {
        return $this->own->values[$name] ?? null;
    }

    public function set(string $name, float $value, Cause $cause): void
    {
        $value = round($value, 6);
        if (($this->own->values[$name] ?? null) !== $value) {
            $this->own->values[$name] = $value;
            $this->own->told[$name] = true;
            $this->run->emit(OutputEvent::VARIABLE, $name, $value, $cause);
        }
    }

    /** A source holds the variable at a value; of several the latest decides. */
    public function hold(string $name, string $source, float $value, Cause $cause): void
    {
        unset($this->own->holders[$name][$source]);
        $this->own->holders[$name][$source] = $value;
        $this->set($name, $value, $cause);
    }

    /** @param float $open the value that holds when no source is left */
    public function letGo(string $name, string $source, float $open, Cause $cause): void
    {
        $holders = $this->own->holders[$name] ?? [];
        if (! isset($holders[$source])) {
            return;
        }
        unset($holders[$source]);
        if ($holders === []) {
            unset($this->own->holders[$name]);
            $this->set($name, $open, $cause);
        } else {
            $this->own->holders[$name] = $holders;
            $this->set($name, $holders[array_key_last($holders)], $cause);
        }
    }

    /** A contact was found open as the run began: the open value is sent, unless another source holds the variable. */
    public function foundOpen(string $name, float $open, Cause $cause): void
    {
        if (! isset($this->own->holders[$name])) {
            $this->set($name, $open, $cause);
        }
    }

    /** The game has changed a variable by itself. */
    public function learn(string $name, float $value): void
    {
        $value = round($value, 6);
        if (($this->own->values[$name] ?? null) !== $value) {
            unset($this->own->told[$name]);
            $this->own->values[$name] = $value;
        }
    }
}
