<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\LampsState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\Lamp;

/**
 * Lamps: lit by rules that are looked at after every input and every timer, and by outputs that hold them. Rules come
 * first.
 */
final class Lamps
{
    /** Does the program have rules for lamps at all? */
    public readonly bool $isRuled;

    private readonly LampsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->lamps;
        $this->isRuled = $run->program->tables->lamps !== [];
    }

    public function hold(string $lamp, string $source, Cause $cause): void
    {
        $this->run->state->holds->holders[OutputEvent::LAMP.' '.$lamp][$source] = true;
        if (! isset($this->own->lit[$lamp])) {
            $this->show($lamp, 1, $cause);
        }
    }

    public function letGo(string $lamp, string $source, Cause $cause): void
    {
        $key = OutputEvent::LAMP.' '.$lamp;
        unset($this->run->state->holds->holders[$key][$source]);
        if (($this->run->state->holds->holders[$key] ?? []) === []) {
            unset($this->run->state->holds->holders[$key]);
            $this->show($lamp, $this->ruled()[$lamp][0] ?? 0, $cause);
        }
    }

    /** Rules are looked at: what they light and no longer light is told. */
    public function update(Cause $cause): void
    {
        $ruled = $this->ruled();
        foreach (Keys::each($this->run->program->lampRules()) as $id => $rule) {
            foreach ($rule->lamps() as $lamp) {
                $isHeld = isset($this->run->state->holds->holders[OutputEvent::LAMP.' '.$lamp]);
                $value = $ruled[$lamp][0] ?? ($isHeld ? 1 : 0);
                if (($this->own->lit[$lamp] ?? 0) !== $value) {
                    $this->show($lamp, $value, $cause->then(StepKind::Lamp, $ruled[$lamp][1] ?? $id));
                }
            }
        }
    }

    /** Nothing holds a lamp any more, or there are other rules: what is lit is as the rules say, all else is dark. */
    public function settle(Cause $cause): void
    {
        $ruled = $cause->origin === Cause::CLOSED ? [] : $this->ruled();
        foreach (array_keys($this->own->lit) as $lamp) {
            if (! isset($this->run->state->holds->holders[OutputEvent::LAMP.' '.$lamp])) {
                $this->show($lamp, $ruled[$lamp][0] ?? 0, $cause);
            }
        }
    }

    /**
     * @return array<string, array{int|string, string}> how the rules light a lamp, and which one does, by lamp; of
     *    several the last says it
     */
    private function ruled(): array
    {
        $ruled = [];
        foreach (Keys::each($this->run->program->lampRules()) as $id => $rule) {
            foreach ($rule->lit($this->run) as $lamp => $look) {
                $ruled[$lamp] = [$look->on($this->run->program->tables->lampColours[$lamp] ?? [])->value(), $id];
            }
        }

        return $ruled;
    }

    private function show(string $lamp, int|string $value, Cause $cause): void
    {
        if (($this->own->lit[$lamp] ?? 0) === $value) {
            return;
        }
        if ($value === 0) {
            unset($this->own->lit[$lamp]);
        } else {
            $this->own->lit[$lamp] = $value;
        }
        $this->run->emit(OutputEvent::LAMP, $lamp, $value, $cause);
    }
}
