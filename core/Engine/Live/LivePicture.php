<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Made\BuildsAxes;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Set\BindingSet;

/** Everything that is shown of the rig at one instant. */
final readonly class LivePicture
{
    public function __construct(private Program $program, private BindingSet $set, private LiveState $state) {}

    /**
     * Every axis that has reported, by reference, in parts of the whole, 0..1: `value` is before the stops, `sent`
     * after them; `angle` of a wheel in degrees from its middle.
     *
     * @return array<string, array{reading: int, travel: float, value: float, sent: ?float, angle?: float,
     *     words: array{travel: string, value: string, sent: string, angle?: string}}>
     */
    public function axes(): array
    {
        $axes = [];
        $built = $this->built();
        foreach ($this->set->shapings as $ref => $shaping) {
            $index = $this->program->axisIndex($ref);
            $travel = $shaping->axis->isBuilt() ? $built[$index] ?? null : $this->travel($shaping, $index);
            if ($travel === null) {
                continue;
            }
            $reading = $this->state->hands[$ref] ?? Shaping::integer($travel);
            $value = $this->state->run->axes->values[$index] ?? $shaping->settled($travel);
            $integer = $this->state->run->axes->integers[$index] ?? null;
            $sent = $integer === null ? null : $integer / Shaping::STEPS;
            $angle = isset($this->state->hands[$ref]) ? $shaping->angle($reading) : null;
            $axes[$ref] = ($angle === null ? [] : ['angle' => round($angle, 2)]) + [
                'reading' => $reading,
                'travel' => round($travel, 5),
                'value' => round($value, 5),
                'sent' => $sent === null ? null : round($sent, 5),
                'words' => [
                    'travel' => $shaping->percent($travel),
                    'value' => $shaping->percent($value),
                    'sent' => $sent === null ? 'not used' : $shaping->percent($sent),
                ] + ($angle === null ? [] : ['angle' => str_replace('-', '−', sprintf('%.1f°', $angle))]),
            ];
        }

        return $axes;
    }

    private function travel(Shaping $shaping, int $index): ?float
    {
        $reading = $this->state->hands[$shaping->axis->ref] ?? null;

        return $reading === null ? null : $shaping->travel($this->state->run->axes->standing[$index] ?? $reading);
    }

    /** @return array<int, float> travels of the built axes whose sources have reported, by axis */
    private function built(): array
    {
        $built = [];
        foreach ($this->program->tables->made as $i => $row) {
            $made = $this->program->made($i);
            if (
                ! $made instanceof BuildsAxes || array_intersect_key(
                    $this->state->run->axes->integers,
                    array_flip($row->axes),
                ) === []
            ) {
                continue;
            }
            $travels = [];
            foreach ($row->sources as $source) {
                $shaping = $this->program->shaping($source);
                $travels[] = $this->travel($shaping, $source) ?? $shaping->restTravel();
            }
            $built += array_combine($row->axes, $made->travels($travels));
        }

        return $built;
    }

    /**
     * As the engine has them, debounce and settle times included; of contacts that the set does not use, as the hands
     * do.
     *
     * @return list<string> references of all contacts that are closed, opposites too
     */
    public function closed(): array
    {
        $closed = [];
        foreach ($this->set->rig->contacts as $ref => $contact) {
            $isClosed = $this->state->run->contacts->closed[$this->program->contactIndex($ref)]
                ?? $this->isClosedByHand($ref, $contact);
            if ($isClosed) {
                $closed[] = $ref;
            }
        }

        return $closed;
    }

    private function isClosedByHand(string $ref, ContactInput $contact): bool
    {
        // What is made from axes is moved by no hand: what of it is set aside is open, and so is its opposite.
        if (str_starts_with($ref, Made::DEVICE.'/') || $contact->mark !== null || isset(
            $this->state->unplugged[explode('/', $ref, 2)[0]],
        )) {
            return false;
        }
        $hand = $this->state->hands[$contact->hat ?? $contact->opposite ?? $ref] ?? null;

        return match (true) {
            $contact->noneOf !== [] => array_filter(
                $contact->noneOf,
                fn (string $of) => ($this->state->hands[$of] ?? 0) === 1,
            ) === [],
            $contact->hat !== null => ContactInput::points($contact->direction, $hand ?? -1),
            $contact->opposite !== null => $hand !== 1,
            default => $hand === 1,
        };
    }

    /** @return list<string> ids of the stops that are open on at least one axis */
    public function openStops(): array
    {
        return array_map(fn (int $stop) => $this->program->stop($stop)->id, array_keys($this->state->run->stops->open));
    }

    /** @return list<string> ids of the flags that are up */
    public function raisedFlags(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->set->flags)),
            fn (string $flag) => isset($this->state->run->holds->holders['flag '.$flag]),
        ));
    }

    /** What the macro is called that is being recorded from the rig; null if none is. */
    public function recordedMacro(): ?string
    {
        $macro = $this->state->run->macroRecording->macro;

        return $macro === null ? null : $this->set->macros[$macro]->name ?? $macro;
    }

    /** @return array<string, array{value: float, words: string}> what the game shows, by variable */
    public function variables(): array
    {
        $variables = [];
        foreach (Keys::each($this->set->catalogue->variables ?? []) as $id => $variable) {
            $value = $this->state->game->variables[$id] ?? $variable->start;
            $variables[$id] = ['value' => round($value, 4), 'words' => $variable->show($value)];
        }

        return $variables;
    }
}
