<?php

declare(strict_types=1);

namespace Nailrod\Core\Tape;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\Input;
use Nailrod\Core\Cause\Step;
use Nailrod\Core\Cause\StepKind;
use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Output\KeyCodes;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Words;

/** Prints the cause of an output as one sentence, with the names that the set, the rig and the simulator give. */
final readonly class Narrator
{
    private OutputWords $words;

    public function __construct(private BindingSet $set)
    {
        $this->words = new OutputWords($set);
    }

    /**
     * One sentence for all outputs that have the same cause at the same instant.
     *
     * @param list<OutputEvent> $events
     *
     * @return list<Sentence>
     */
    public function sentences(array $events): array
    {
        $groups = [];
        foreach ($events as $event) {
            $groups[$event->t.' '.$event->cause->compact()][$event->begins() ? 1 : 0][] = $event;
        }
        $told = $this->toldByTheirEffects(array_map(strval(...), array_keys($groups)));
        $sentences = [];
        foreach ($groups as $why => $byBeginning) {
            foreach ($byBeginning as $group) {
                $others = array_filter($group, fn (OutputEvent $e) => $e->kind !== OutputEvent::STOP && $e->kind !== OutputEvent::LAYER);
                if ($others !== [] || ! isset($told[$why])) {
                    $sentences[] = $this->sentence($group);
                }
            }
        }

        return $sentences;
    }

    /**
     * That a stop opens or a layer goes live is a step of what follows from it at once, and need not be said again.
     *
     * @param list<string> $causes instants and causes of groups of outputs
     *
     * @return array<string, true> those that another one goes on from
     */
    private function toldByTheirEffects(array $causes): array
    {
        $told = [];
        $known = array_fill_keys($causes, true);
        foreach ($causes as $cause) {
            for ($at = strpos($cause, ' > '); $at !== false; $at = strpos($cause, ' > ', $at + 1)) {
                $before = substr($cause, 0, $at);
                if (isset($known[$before])) {
                    $told[$before] = true;
                }
            }
        }

        return $told;
    }

    /**
     * A press or a movement that led to nothing, and why; null if there is nothing to say.
     *
     * @param callable(Condition): bool $holds does a condition hold just now?
     */
    public function idle(Input $input, string $layer, int $before, callable $holds): ?Sentence
    {
        $said = $this->idleAxis($input) ?? $this->idleContact($input, $layer, $before);
        if ($said === null) {
            return null;
        }
        [$ref, $what] = $said;
        $cell = $this->set->cell($layer, $ref) ?? $this->set->cell(Layer::BASE, $ref);
        $when = $cell?->when;
        $why = match (true) {
            $cell === null => 'nothing is assigned to it',
            $cell->isNothing() => 'it is set to do nothing here',
            $when !== null && ! $holds($when) => 'it works '.(new Words($this->set))->condition($when),
            default => $this->idleMacro($cell, $holds),
        };
        if ($why === null) {
            return null;
        }

        return new Sentence($input->t, $ref, [$this->set->rig->deviceNameOf($ref).' · '.$what, 'layer '.$this->layer($layer), $why], false, []);
    }

    /** So much happened at once that the earlier part of it is only counted. */
    public function leftOut(int $t, int $changes): Sentence
    {
        return new Sentence($t, 'left out', ['Much happened at once', number_format($changes, 0, '.', ' ').($changes === 1 ? ' change before this is' : ' changes before these are').' not told'], false, []);
    }

    /** Ticks of an encoder that were left out, since too many were waiting. */
    public function dropped(int $t, string $ref, int $ticks): Sentence
    {
        return new Sentence($t, $ref, [$this->set->rig->deviceNameOf($ref).' · '.$this->set->rig->nameOf($ref), $ticks === 1 ? '1 tick was dropped' : $ticks.' ticks were dropped', 'more came than may wait'], false, []);
    }

    /** A movement that a shut stop holds back, so that nothing new is sent; null if no stop does. */
    public function held(Input $input, ?string $stop): ?Sentence
    {
        $shaping = $this->set->shapings[$input->port] ?? null;
        $at = $this->set->stops[$stop ?? ''] ?? null;
        if ($shaping === null || $at === null) {
            return null;
        }

        return new Sentence($input->t, $input->port, [
            $this->set->rig->deviceNameOf($input->port).' · '.$this->axisMoved($shaping, $input->port, (int) $input->value),
            $at->name.' at '.Percent::at($at->at, $shaping->axis->centred).' is shut',
            'still sends '.self::percent($shaping, $at->at),
        ], false, []);
    }

    /**
     * A macro that its own condition keeps from being played.
     *
     * @param callable(Condition): bool $holds
     */
    private function idleMacro(Cell $cell, callable $holds): ?string
    {
        foreach ($cell->plays() as $id) {
            $macro = $this->set->macros[$id] ?? null;
            if ($macro?->when !== null && ! $holds($macro->when)) {
                return 'macro '.$macro->name.' plays '.(new Words($this->set))->condition($macro->when);
            }
        }

        return null;
    }

    /** @return ?array{string, string} */
    private function idleAxis(Input $input): ?array
    {
        $shaping = $this->set->shapings[$input->port] ?? null;

        return $shaping === null ? null : [$input->port, $this->axisMoved($shaping, $input->port, (int) $input->value)];
    }

    /** @return ?array{string, string} the contact that the input closed, or opened if it closed none */
    private function idleContact(Input $input, string $layer, int $before): ?array
    {
        foreach ($this->set->rig->contacts as $ref => $contact) {
            $closed = match (true) {
                $contact->hat === $input->port => ContactInput::points($contact->direction, (int) $input->value) && ! ContactInput::points($contact->direction, $before),
                $contact->opposite === $input->port => $input->value === 0,
                default => $ref === $input->port && $input->value === 1,
            };
            if ($closed) {
                return [$ref, $this->set->rig->nameOf($ref).' closed'];
            }
        }

        return null;
    }

    /** @param non-empty-list<OutputEvent> $events of one cause and one instant */
    private function sentence(array $events): Sentence
    {
        $event = $events[0];
        $parts = [$this->origin($event->cause)];
        foreach ($event->cause->steps as $step) {
            $words = $this->step($step);
            if ($words !== null) {
                $parts[] = $words;
            }
        }
        $keys = array_values(array_filter($events, fn (OutputEvent $e) => $e->kind === OutputEvent::KEY));
        if ($keys !== []) {
            $keys = $keys[0]->value === 1 ? $keys : array_reverse($keys);
            $parts[] = 'key '.implode('+', array_map(fn (OutputEvent $e) => KeyCodes::label($e->target), $keys)).($keys[0]->value === 1 ? '' : ' up');
        }
        foreach ($events as $other) {
            if ($other->kind !== OutputEvent::KEY) {
                $parts[] = $this->words->output($other);
            }
        }
        $origin = $event->cause->origin;
        $isAxis = $origin instanceof Input && isset($this->set->shapings[$origin->port]) && $event->cause->contact() === null;

        return new Sentence(
            $event->t,
            $isAxis ? $origin->port : $event->key(),
            $parts,
            ! $event->begins(),
            array_map(fn (OutputEvent $e) => $e->key(), $events),
        );
    }

    private function origin(Cause $cause): string
    {
        if (is_string($cause->origin)) {
            return match ($cause->origin) {
                Cause::START => 'Found at the start',
                Cause::SET_CHANGED => 'The set was changed',
                Cause::PLUGGED_IN => 'The device was plugged in',
                Cause::UNPLUGGED => 'The device was unplugged',
                Cause::TRIED => 'Tried on its page',
                default => 'The bench was left',
            };
        }
        $port = $cause->origin->port;
        $device = $this->set->rig->deviceNameOf($port);
        $shaping = $this->set->shapings[$port] ?? null;
        if ($shaping !== null) {
            return $device.' · '.$this->axisMoved($shaping, $port, (int) $cause->origin->value);
        }
        $contact = $cause->contact();

        return $contact === null ? $this->input($cause->origin, $device) : sprintf('%s · %s %s', $device, $this->set->rig->nameOf($contact->subject), $contact->kind->value);
    }

    private function axisMoved(Shaping $shaping, string $ref, int $reading): string
    {
        $travel = $shaping->travel($reading);
        $value = $shaping->shape($travel);
        $shaped = abs($value - $travel) < 0.0005 ? '' : ' → shaped '.self::percent($shaping, $value);

        return sprintf('%s reads %d → travel %s%s', $this->set->rig->nameOf($ref), $reading, self::percent($shaping, $travel), $shaped);
    }

    private function input(Input $input, string $device): string
    {
        if (str_starts_with($input->port, 'sim/')) {
            return 'The game · '.$this->words->variable(substr($input->port, 4), (float) $input->value);
        }
        $rig = $this->set->rig;
        foreach ($rig->contacts as $ref => $contact) {
            if ($contact->hat === $input->port && ContactInput::points($contact->direction, (int) $input->value)) {
                return $device.' · '.$rig->nameOf($ref).' closed';
            }
        }
        $does = match (true) {
            isset($rig->contacts[$input->port]) => $input->value === 1 ? 'closed' : 'opened',
            $input->value === -1 => 'is let go',
            default => sprintf('%+d', (int) $input->value).(abs((int) $input->value) === 1 ? ' tick' : ' ticks'),
        };

        return $device.' · '.$rig->nameOf($input->port).' '.$does;
    }

    private function step(Step $step): ?string
    {
        return match ($step->kind) {
            StepKind::Closed, StepKind::Opened => str_starts_with($step->subject, Made::DEVICE.'/') ? $this->set->rig->nameOf($step->subject).' '.$step->kind->value : null,
            StepKind::AxisSends => $this->set->rig->nameOf($step->subject),
            StepKind::Macro => 'macro '.($this->set->macros[$step->subject]->name ?? $step->subject),
            StepKind::Lamp => 'its rule',
            StepKind::Chord => $this->chord($step->subject).' together',
            StepKind::Builds => 'builds '.$this->set->rig->nameOf($step->subject),
            StepKind::ReturnsToRest => $this->set->rig->nameOf($step->subject).' lets it return to rest',
            StepKind::Layer => 'layer '.$this->layer($step->subject),
            StepKind::GoesLive => 'layer '.$this->layer($step->subject).' goes live',
            StepKind::Behaviour => $step->subject.($step->detail === null ? '' : ' '.$step->detail),
            StepKind::Timer => $step->subject,
            StepKind::Action => $this->set->catalogue?->action($step->subject)->name ?? $step->subject,
            StepKind::StopOpens => $this->words->stop($step->subject).' opens',
            StepKind::StopShuts => $this->words->stop($step->subject).' shuts'.($step->detail === null ? '' : ': '.$step->detail),
            StepKind::StopHolds => $this->words->stop($step->subject).' at '.Percent::at($this->set->stops[$step->subject]->at ?? 0.0, $this->set->rig->axes[$this->set->stops[$step->subject]->axes[0] ?? '']->centred ?? false).' is shut',
        };
    }

    /** A part of the way as a person reads it: 0 to 100 %, of a centred axis -100 to +100 %. */
    public static function percent(Shaping $shaping, float $part): string
    {
        return $shaping->axis->centred ? Percent::signed($part) : Percent::steady($part);
    }

    private function layer(string $id): string
    {
        return $this->set->layers[$id]->name ?? $id;
    }

    private function chord(string $id): string
    {
        foreach ($this->set->chords as $chords) {
            if (isset($chords[$id])) {
                return $chords[$id]->name;
            }
        }

        return $id;
    }
}
