<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\Phase;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Rig\Device\ContactInput;

/** What a device reports of contacts, hats and encoders, and what the game says of its variables, goes to the parts of the run that it concerns. */
final readonly class Reports
{
    public function __construct(private Run $run) {}

    /** @throws InputError for anything but 0 and 1 */
    public function contact(Input $input, int $contact): void
    {
        if ($input->value !== 0 && $input->value !== 1) {
            throw InputError::outOfRange($input, 0, 1);
        }
        $cause = new Cause($input);
        if ($this->run->program->tables->contacts[$contact]->debounce === 0) {
            $this->run->contacts->change($contact, $input->value === 1, $cause);
        } else {
            $this->run->contacts->report($this->run->debounce->filter([$contact => $input->value === 1], $cause), $cause);
        }
    }

    /**
     * A port is found like this, not pressed: what is closed starts only what is a state. Axes move, ticks are none.
     *
     * @throws InputError for what the port cannot report
     */
    public function found(Input $input): void
    {
        $tables = $this->run->program->tables;
        $contact = $tables->contactPorts[$input->port] ?? null;
        if ($contact === null && ! isset($tables->hatPorts[$input->port])) {
            return;
        }
        if ($contact !== null && $input->value !== 0 && $input->value !== 1) {
            throw InputError::outOfRange($input, 0, 1);
        }
        $reported = $contact === null ? $this->directions($input, $tables->hatPorts[$input->port]) : [$contact => $input->value === 1];
        foreach (array_keys($reported) as $one) {
            $this->run->debounce->forget($one);
        }
        $this->run->findsAgain = true;
        try {
            $this->run->contacts->report($reported, new Cause($input), true);
        } finally {
            $this->run->findsAgain = false;
        }
    }

    /**
     * What no hand has moved, as a recording tells it: a device that came or went, what was found, what the game did by itself.
     *
     * @throws InputError for what the port cannot report
     */
    private function aside(Input $input): void
    {
        $port = $input->plainPort();
        $plain = new Input($input->t, $port, $input->value, $input->line);
        if ($input->isPlug()) {
            $input->value === 0 ? $this->run->plugs->goes(substr($port, 0, -1)) : $this->run->plugs->comes(substr($port, 0, -1));
        } elseif (! str_starts_with($port, 'sim/') && $this->run->state->phase === Phase::Running) {
            $this->found($plain);
        } elseif (isset($this->run->program->tables->contactPorts[$port])) {
            $this->contact($plain, $this->run->program->tables->contactPorts[$port]);
        } else {
            $this->other($plain);
        }
    }

    /** @throws InputError for what the port cannot report */
    public function other(Input $input): void
    {
        $tables = $this->run->program->tables;
        if ($input->isAside()) {
            $this->aside($input);
        } elseif (isset($tables->hatPorts[$input->port])) {
            $this->hat($input, $tables->hatPorts[$input->port]);
        } elseif (isset($tables->tickPorts[$input->port]) || isset($tables->rotaries[$input->port])) {
            $this->ticks($input, $tables->tickPorts[$input->port] ?? [null, null]);
        } elseif (str_starts_with($input->port, 'sim/')) {
            $this->run->variables->learn(substr($input->port, 4), (float) $input->value);
        }
    }

    /** @param list<?int> $contacts north, east, south and west; null where the set does not use one */
    private function hat(Input $input, array $contacts): void
    {
        $cause = new Cause($input);
        $this->run->contacts->report($this->run->debounce->filter($this->directions($input, $contacts), $cause), $cause);
    }

    /**
     * @param list<?int> $contacts north, east, south and west; null where the set does not use one
     *
     * @return array<int, bool> is it closed, by contact
     */
    private function directions(Input $input, array $contacts): array
    {
        if (! is_int($input->value) || $input->value < -1 || $input->value > 7) {
            throw InputError::outOfRange($input, -1, 7);
        }
        $reported = [];
        foreach ($contacts as $direction => $contact) {
            if ($contact !== null) {
                $reported[$contact] = ContactInput::points($direction, $input->value);
            }
        }

        return $reported;
    }

    /** @param array{?int, ?int} $contacts for ticks one way and the other; null where the set does not use it */
    private function ticks(Input $input, array $contacts): void
    {
        if (! is_int($input->value)) {
            throw InputError::outOfRange($input, -10_000, 10_000);
        }
        $contact = $contacts[$input->value > 0 ? 0 : 1];
        if ($this->run->state->phase !== Phase::Running) {
            return;
        }
        $cause = new Cause($input);
        for ($i = abs($input->value); $i > 0; $i--) {
            if ($contact !== null) {
                $this->run->presses->tick($contact, $cause);
            }
            $this->run->rotaries->turn($input->port, $input->value <=> 0, $cause);
        }
    }
}
