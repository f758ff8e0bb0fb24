<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Set\BindingSet;

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
     * @param string            $live   id of the layer that was live before them
     * @param ?Log              $log    that has followed them: it knows since when what ends was on
     *
     * @return list<Sentence>
     */
    public function sentences(array $events, string $live = Layer::BASE, ?Log $log = null): array
    {
        $groups = self::groups($events);
        $told = $this->toldByTheirEffects($groups, $log);
        $sentences = $along = [];
        foreach ($groups as $group) {
            $why = self::why($group[0]);
            $end = $this->end($group, $log);
            if ($end !== null) {
                // It may end what was to be told by its effect.
                foreach (
                    array_filter(
                        $along,
                        fn (array $step): bool => array_intersect(self::outputs($step), self::outputs($group)) !== [],
                    ) as $step => $begun
                ) {
                    $sentences[] = $this->sentence($begun, $live);
                    unset($along[$step]);
                }
                $sentences[] = $end;
            } elseif (self::isOnlyAStep($group) && isset($told[$why])) {
                $along[$why] = $group;
            } else {
                // What it goes on from is told by it, too.
                $before = array_filter(
                    $along,
                    fn (string $from): bool => str_starts_with($why, $from.' > '),
                    ARRAY_FILTER_USE_KEY,
                );
                $along = array_diff_key($along, $before);
                $sentences[] = $this->sentence($group, $live)->telling(
                    array_map(fn (OutputEvent $e) => $e->key(), array_merge(...array_values($before))),
                );
            }
            foreach ($group as $event) {
                $live = $event->kind === OutputEvent::LAYER ? $this->layerNamed((string) $event->value) : $live;
            }
        }

        return [
            ...$sentences,
            ...array_map(fn (array $begun): Sentence => $this->sentence($begun, $live), array_values($along)),
        ];
    }

    /**
     * @param non-empty-list<OutputEvent> $group
     *
     * @return list<string> kind and target of each
     */
    private static function outputs(array $group): array
    {
        return array_map(fn (OutputEvent $event): string => $event->kind.' '.$event->target, $group);
    }

    private static function why(OutputEvent $event): string
    {
        return $event->t.' '.$event->cause->compact();
    }

    /**
     * What one cause begins is told together, and so is what it ends; but an output that comes again is told again.
     *
     * @param list<OutputEvent> $events
     *
     * @return list<non-empty-list<OutputEvent>>
     */
    private static function groups(array $events): array
    {
        $groups = $ofCause = $ofOutput = [];
        foreach ($events as $event) {
            $cause = self::why($event).($event->begins() ? '' : ' ends');
            $output = $event->kind.' '.$event->target;
            $i = $ofCause[$cause] ?? -1;
            if ($i < ($ofOutput[$output] ?? 0)) {
                $i = count($groups);
            }
            $groups[$i][] = $event;
            $ofCause[$cause] = $ofOutput[$output] = $i;
        }

        return array_values($groups);
    }

    /** @param list<OutputEvent> $events */
    private static function isOnlyAStep(array $events): bool
    {
        return array_filter(
            $events,
            fn (OutputEvent $e) => $e->kind !== OutputEvent::STOP && $e->kind !== OutputEvent::LAYER,
        ) === [];
    }

    /**
     * That a stop opens or a layer goes live is a step of what follows from it at once, and need not be said again.
     *
     * @param list<non-empty-list<OutputEvent>> $groups
     *
     * @return array<string, true> instants and causes of those that another one goes on from
     */
    private function toldByTheirEffects(array $groups, ?Log $log): array
    {
        $told = [];
        $known = array_fill_keys(array_map(fn (array $group): string => self::why($group[0]), $groups), true);
        foreach ($groups as $group) {
            $cause = self::isOnlyAStep($group) || $this->end($group, $log) !== null ? '' : self::why($group[0]);
            for ($at = strpos($cause, ' > '); $at !== false; $at = strpos($cause, ' > ', $at + 1)) {
                $before = substr($cause, 0, $at);
                if (isset($known[$before])) {
                    $told[$before] = true;
                }
            }
        }

        return $told;
    }

    private function layerNamed(string $name): string
    {
        foreach ($this->set->layers as $id => $layer) {
            if ($layer->name === $name) {
                return (string) $id;
            }
        }

        return Layer::BASE;
    }

    /**
     * "layer On water has nothing for it": the base layer does it, though another one is live; null otherwise.
     *
     * Whatever came by a time, or by a layer that went live, was begun before.
     */
    private function passedOver(OutputEvent $event, string $live): ?string
    {
        $cause = $event->cause;
        $by = array_map(fn (Step $step): string => $step->kind->name, $cause->steps);
        $ref = $cause->contact()->subject ?? ($cause->origin instanceof Input ? $cause->origin->port : null);
        $isJustBegun = $ref !== null && $event->begins() && array_intersect(
            $by,
            [StepKind::Timer->name, StepKind::GoesLive->name, StepKind::Opened->name],
        ) === [];
        $isByBase = array_filter(
            $cause->steps,
            fn (Step $step): bool => $step->kind === StepKind::Layer && $step->subject === Layer::BASE,
        ) !== [];

        return $isJustBegun && $isByBase
            && $live !== Layer::BASE
            && $this->set->cell($live, $ref) === null
            ? 'layer '
            .$this->layer($live)
            .' has nothing for it'
            : null;
    }

    /**
     * "Ring button opened → Horn off, after 0.8 s": what ended it, what of that stands between, and how long it was on.
     * What it was for is told by the line that it points to.
     *
     * @param non-empty-list<OutputEvent> $events of one cause and one instant
     *
     * @return ?Sentence null if they end nothing that is known to have been on
     */
    private function end(array $events, ?Log $log): ?Sentence
    {
        $ended = array_values(array_filter(array_map(fn (OutputEvent $event): ?On => $log?->endedBy($event), $events)));
        if (count($ended) < count($events)) {
            return null;
        }
        $event = $events[0];
        $isByTime = array_filter($event->cause->steps, fn (Step $step): bool => $step->kind === StepKind::Timer) !== [];
        $between = array_filter($event->cause->steps, fn (Step $step): bool => match ($step->kind) {
            StepKind::Closed, StepKind::Opened, StepKind::Timer, StepKind::Macro, StepKind::Chord, StepKind::GoesLive,
            StepKind::StopShuts => true,
            // What only follows, or ends by its time, has said all by that.
            StepKind::Behaviour => ! $isByTime && $step->detail !== null,
            default => false,
        });
        $told = $keys = [];
        foreach ($ended as $i => $on) {
            $one = $events[$i];
            if ($one->kind === OutputEvent::KEY) {
                // Keys that went down together come up together: as they are written.
                $keys[$on->lasted($one->t)][] = KeyCodes::label($one->target);
            } else {
                $told[] = $this->words->over($one, $on).', after '.$on->lasted($one->t);
            }
        }
        foreach ($keys as $lasted => $labels) {
            $told[] = 'key '.implode('+', array_reverse($labels)).' up, after '.$lasted;
        }

        return new Sentence(
            $event->t,
            $event->key(),
            [
                $this->origin($event->cause),
                ...array_values(array_filter(array_map($this->step(...), $between))),
                ...$told,
            ],
            true,
            array_map(fn (OutputEvent $event): string => $event->key(), $events),
            over: $ended[0],
        );
    }

    /** @param non-empty-list<OutputEvent> $events of one cause and one instant, at which that layer was live */
    private function sentence(array $events, string $live): Sentence
    {
        $event = $events[0];
        $parts = [$this->origin($event->cause)];
        $passedOver = $this->passedOver($event, $live);
        foreach ($event->cause->steps as $step) {
            if ($step->kind === StepKind::Layer && $passedOver !== null) {
                $parts[] = $passedOver;
            }
            $words = $this->step($step);
            if ($words !== null) {
                $parts[] = $words;
            }
        }
        $keys = array_values(array_filter($events, fn (OutputEvent $e) => $e->kind === OutputEvent::KEY));
        if ($keys !== []) {
            $keys = $keys[0]->value === 1 ? $keys : array_reverse($keys);
            $parts[] = 'key '.implode(
                '+',
                array_map(fn (OutputEvent $e) => KeyCodes::label($e->target), $keys),
            ).($keys[0]->value === 1 ? '' : ' up');
        }
        foreach ($events as $other) {
            if ($other->kind !== OutputEvent::KEY) {
                $parts[] = $this->words->output($other);
            }
        }
        $origin = $event->cause->origin;
        $isAxis = $origin instanceof Input
            && isset($this->set->shapings[$origin->port])
            && $event->cause->contact() === null;

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
            return $device.' · '.$this->words->axisMoved($shaping, $port, (int) $cause->origin->value);
        }
        $contact = $cause->contact();

        return $contact === null ? $this->input($cause->origin, $device) : sprintf(
            '%s · %s %s',
            $device,
            $this->set->rig->nameOf($contact->subject),
            $contact->kind->value,
        );
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
            StepKind::Closed, StepKind::Opened => str_starts_with($step->subject, Made::DEVICE.'/')
                ? $this->set->rig->nameOf($step->subject)
                .' '
                .$step->kind->value
                : null,
            StepKind::AxisSends => $this->set->rig->nameOf($step->subject),
            StepKind::Macro => 'macro '.($this->set->macros[$step->subject]->name ?? $step->subject),
            StepKind::Lamp => 'its rule',
            StepKind::Chord => $this->chord($step->subject),
            StepKind::Otherwise => 'otherwise',
            StepKind::TurnedTo => 'turned to '.$this->set->rig->nameOf($step->subject),
            StepKind::DoesAs => 'as '.$this->set->rig->nameOf($step->subject).' does',
            StepKind::Builds => 'builds '.$this->set->rig->nameOf($step->subject),
            StepKind::ReturnsToRest => $this->set->rig->nameOf($step->subject).' lets it return to rest',
            StepKind::Layer => 'layer '.$this->layer($step->subject),
            StepKind::GoesLive => 'layer '.$this->layer($step->subject).' goes live',
            StepKind::Behaviour => $step->subject.($step->detail === null ? '' : ' '.$step->detail),
            StepKind::Timer => $step->subject,
            StepKind::Action => $this->set->catalogue?->action($step->subject)->name ?? $step->subject,
            StepKind::StopOpens => $this->words->stop($step->subject).' opens',
            StepKind::StopShuts => $this->words->stop($step->subject).' shuts'.(
                $step->detail === null ? '' : ': '.$step->detail
            ),
            StepKind::StopHolds => $this->words->stop($step->subject).' at '.Percent::at(
                $this->set->stops[$step->subject]->at ?? 0.0,
                $this->set->rig->axes[$this->set->stops[$step->subject]->axes[0] ?? '']->centred ?? false,
            ).' is shut',
        };
    }

    private function layer(string $id): string
    {
        return $this->set->layers[$id]->name ?? $id;
    }

    private function chord(string $id): string
    {
        foreach ($this->set->chords as $chords) {
            if (isset($chords[$id])) {
                return $chords[$id]->name.' together'.(
                    $chords[$id]->held > 0 ? ' for '.($chords[$id]->held / 1000).' ms' : ''
                );
            }
        }

        return $id.' together';
    }
}
