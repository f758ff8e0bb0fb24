<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * What a run sends at one instant, read from its state: the last row of every output, but for those that are off. Who
 * comes later, or was away, knows by it what is on; what it does not name is off, a hat in its middle, a lamp dark.
 */
final readonly class OutputsNow
{
    public function __construct(private Run $run) {}

    /**
     * Moves and turns of the mouse are no values and are not among them.
     *
     * @return list<OutputEvent> all at this instant
     */
    public function all(): array
    {
        $now = [
            ...$this->axes(),
            ...$this->held(),
            ...$this->those(
                OutputEvent::HAT,
                array_filter($this->run->state->hats->values, fn (int $value): bool => $value !== -1),
            ),
            ...$this->those(OutputEvent::VARIABLE, $this->run->state->variables->sent()),
            ...$this->those(OutputEvent::LAMP, $this->run->state->lamps->lit),
            ...$this->those(
                OutputEvent::STOP,
                array_fill_keys(
                    array_map(
                        fn (int $stop): string => $this->run->program->stop($stop)->id,
                        array_keys($this->run->state->stops->open),
                    ),
                    1,
                ),
            ),
            ...$this->those(
                OutputEvent::LAYER,
                ['live' => $this->run->program->tables->layers[$this->run->layers->live()]->name],
            ),
        ];
        $macro = $this->run->state->macroRecording->macro;

        return $macro === null ? $now : [...$now, $this->event(OutputEvent::MACRO, $macro, 1)];
    }

    /** @return list<OutputEvent> of every controller axis that was sent */
    private function axes(): array
    {
        $sent = [];
        foreach ($this->run->state->routes->present as $key => $value) {
            [$kind, $target] = explode(' ', (string) $key, 2);
            if ($kind === OutputEvent::AXIS) {
                $sent[$target] = $value;
            }
        }

        // A direct route notes what it sent only as it is left.
        return $this->those(OutputEvent::AXIS, array_replace($sent, $this->run->axes->sentDirectly()));
    }

    /** @return list<OutputEvent> what sources hold on: buttons, keys, flags; how a lamp is lit is said by the lamps */
    private function held(): array
    {
        $held = [];
        foreach (array_keys($this->run->state->holds->holders) as $key) {
            [$kind, $target] = explode(' ', (string) $key, 2);
            if ($kind !== OutputEvent::LAMP) {
                $held[] = $this->event($kind, $target, 1);
            }
        }

        return $held;
    }

    /**
     * @param array<array-key, int|float|string> $values by target
     *
     * @return list<OutputEvent>
     */
    private function those(string $kind, array $values): array
    {
        $events = [];
        foreach (Keys::each($values) as $target => $value) {
            $events[] = $this->event($kind, $target, $value);
        }

        return $events;
    }

    private function event(string $kind, string $target, int|float|string $value): OutputEvent
    {
        return new OutputEvent($this->run->state->now, $kind, $target, $value, new Cause(Cause::START));
    }
}
