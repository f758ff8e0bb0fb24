<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Mapping\Behaviour\Assigned;
use Nailrod\Core\Mapping\Behaviour\QueuesTicks;

/** The run as outputs and behaviours see it: each wish goes to the part that does it. Times in µs. */
trait ActsAsEngine
{
    public function elapsed(): int
    {
        return $this->state->now;
    }

    public function hold(string $kind, string $target, string $source, Cause $cause): void
    {
        $this->holds->hold($kind, $target, $source, $cause);
    }

    public function letGo(string $kind, string $target, string $source, Cause $cause): void
    {
        $this->holds->letGo($kind, $target, $source, $cause);
    }

    public function holdHat(int $number, int $direction, string $source, Cause $cause): void
    {
        $this->hats->hold($number, $direction, $source, $cause);
    }

    public function letGoOfHat(int $number, int $direction, string $source, Cause $cause): void
    {
        $this->hats->letGo($number, $direction, $source, $cause);
    }

    public function holdLayer(string $layer, string $source, Cause $cause): void
    {
        $this->layers->push($layer, $source, $cause);
    }

    public function letGoOfLayer(string $source, Cause $cause): void
    {
        $this->layers->remove($source, $cause);
    }

    public function settleLayer(string $layer, Cause $cause): void
    {
        $this->layers->settle($layer, $cause);
    }

    public function settledLayer(): string
    {
        return $this->layers->settled();
    }

    public function holdStop(string $stop, string $source, Cause $cause): void
    {
        $this->stops->hold($stop, $source, $cause);
    }

    public function letGoOfStop(string $stop, string $source, Cause $cause): void
    {
        $this->stops->letGo($stop, $source, $cause);
    }

    public function isStateStop(string $stop): bool
    {
        return $this->stops->isState($stop);
    }

    public function holdLamp(string $lamp, string $source, Cause $cause): void
    {
        $this->lamps->hold($lamp, $source, $cause);
    }

    public function letGoOfLamp(string $lamp, string $source, Cause $cause): void
    {
        $this->lamps->letGo($lamp, $source, $cause);
    }

    public function holdVariable(string $variable, string $source, float $value, Cause $cause): void
    {
        $this->variables->hold($variable, $source, $value, $cause);
    }

    public function letGoOfVariable(string $variable, string $source, float $else, Cause $cause): void
    {
        $this->variables->letGo($variable, $source, $else, $cause);
    }

    public function foundVariable(string $variable, float $value, Cause $cause): void
    {
        $this->variables->foundOpen($variable, $value, $cause);
    }

    public function setVariable(string $variable, float $to, Cause $cause): void
    {
        $this->variables->set($variable, $to, $cause);
    }

    public function variable(string $variable): float
    {
        return $this->variables->valueOf($variable);
    }

    public function liveLayer(): string
    {
        return $this->program->tables->layers[$this->layers->live()]->id;
    }

    public function isStopOpen(string $stop): bool
    {
        return $this->stops->isOpen($stop);
    }

    public function isFlagUp(string $flag): bool
    {
        return $this->holds->isOn('flag', $flag);
    }

    public function isClosed(string $contact): bool
    {
        return $this->contacts->isClosed($contact);
    }

    public function startMacro(string $macro, Cause $cause): void
    {
        $this->macros->press($macro, null, $cause);
    }

    public function stopMacro(string $macro, Cause $cause): void
    {
        $this->macros->stop($macro, $cause);
    }

    public function recordMacro(string $macro, Cause $cause): void
    {
        $this->macroRecording->press($macro, $cause);
    }

    public function playRecorded(Cause $cause): void
    {
        $this->macroRecording->play($cause);
    }

    public function letGoOfEverything(Cause $cause): void
    {
        $this->lettingGo->ofEverything($cause);
    }

    public function findsAgain(): bool
    {
        return $this->findsAgain;
    }

    public function pulse(Assigned $assigned, int $output, int $width, Cause $cause): void
    {
        $this->pulses->send($assigned, $output, $width, $cause);
    }

    public function tick(Assigned $assigned, QueuesTicks $ticks, Cause $cause): void
    {
        $this->ticks->tick($assigned, $ticks, $cause);
    }

    public function stage(Assigned $assigned): ?string
    {
        return $this->later->stage($assigned);
    }

    public function enter(Assigned $assigned, ?string $stage): void
    {
        $this->later->enter($assigned, $stage);
    }

    public function later(Assigned $assigned, string $what, int $delay, Cause $cause): void
    {
        $this->later->set($assigned, $what, $delay, $cause);
    }

    public function cancel(Assigned $assigned, string $what): void
    {
        $this->later->cancel($assigned, $what);
    }

    public function isToggled(Assigned $assigned): bool
    {
        return isset($this->state->assignments->toggled[$assigned->id]);
    }

    public function toggle(Assigned $assigned, bool $isOn): void
    {
        unset($this->state->assignments->toggled[$assigned->id]);
        if ($isOn) {
            $this->state->assignments->toggled[$assigned->id] = true;
        }
    }

    public function place(Assigned $assigned): ?array
    {
        return $this->state->assignments->cycles[$assigned->id] ?? null;
    }

    public function keepPlace(Assigned $assigned, int $place): void
    {
        $this->state->assignments->cycles[$assigned->id] = [$place, $this->state->now];
    }

    public function holdMacro(string $macro, Assigned $assigned, Cause $cause): void
    {
        $this->macros->press($macro, $assigned->holder(), $cause);
    }

    public function letGoOfMacro(string $macro, Assigned $assigned, Cause $cause): void
    {
        $this->macros->release($macro, $assigned->holder(), $cause);
    }
}
