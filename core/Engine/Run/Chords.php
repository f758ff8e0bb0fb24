<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\ChordsState;
use Nailrod\Core\Engine\State\MemberPress;
use Nailrod\Core\Engine\State\Timer;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;

/**
 * Chords at work. A member's own press and release come as much later as its chord may take to form, and are dropped if
 * it forms; which assignment they are bound to is judged when the contact closes. `State::$presses` holds each such
 * press until its release has come: `on` once it has come itself, `open` once its contact has opened, `ends` when its
 * release comes then. What has come late is held in `State::$pressed` under the complement of the contact, since the
 * contact may be pressed anew, where it is no member, before the late release has come. A chord that is to be held for
 * a while has formed all the same, and comes on when its time has run out with all of its contacts closed.
 */
final class Chords implements Timed
{
    public const OWNER = 'chord';

    private const PRESS = 'press ';

    private const RELEASE = 'release ';

    private const HELD = 'held ';

    private readonly ChordsState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->chords;
    }

    /**
     * A member has closed.
     *
     * @param list<int> $chords     it may be part of, in file order
     * @param int       $assignment its own press is bound to
     */
    public function press(int $contact, array $chords, int $assignment, Cause $cause): void
    {
        $state = $this->run->state;
        $wait = max([0, ...array_map(fn (int $chord) => $this->run->program->tables->chords[$chord]->within, $chords)]);
        foreach ($this->own->presses[$contact] ?? [] as $before) {
            $wait = max($wait, $before->ends - $state->now);
        }
        $n = $this->own->count++;
        $this->own->presses[$contact][] = new MemberPress($n, $state->now, $wait, $chords, $assignment);
        $this->run->timers->set($wait, self::OWNER, $contact, $cause, self::PRESS.$n);
        foreach ($chords as $chord) {
            if ($this->forms($chord)) {
                $this->form($chord, $cause);

                return;
            }
        }
    }

    /** A contact has opened: is that for chords to deal with? */
    public function release(int $contact, Cause $cause): bool
    {
        if (isset($this->own->consumed[$contact])) {
            $chord = $this->own->consumed[$contact];
            unset($this->own->consumed[$contact]);
            $this->endOne($chord, $contact, $cause);

            return true;
        }
        $presses = $this->own->presses[$contact] ?? [];
        $press = array_pop($presses);
        if ($press === null || $press->open) {
            return false;
        }
        $this->own->presses[$contact] = [...$presses, $press->opened($this->run->state->now)];
        $this->run->timers->set($press->wait, self::OWNER, $contact, $cause, self::RELEASE.$press->n);

        return true;
    }

    public function timer(Timer $timer): void
    {
        if (str_starts_with($timer->what, self::HELD)) {
            $this->comesOn((int) substr($timer->what, strlen(self::HELD)), $timer->cause);

            return;
        }
        foreach ($this->own->presses[$timer->of] ?? [] as $i => $press) {
            if ($timer->what === self::PRESS.$press->n) {
                $this->own->presses[$timer->of] = array_values(
                    array_replace($this->own->presses[$timer->of], [$i => $press->come()]),
                );
                $this->run->presses->pressLate($timer->of, $press->assignment, $timer->cause);

                return;
            }
            if ($timer->what === self::RELEASE.$press->n) {
                $this->drop($timer->of, $i);
                $this->run->presses->releaseLate($timer->of, $timer->cause);

                return;
            }
        }
    }

    /**
     * Chords that are on end, the latest first; those that are still to come on do not come any more.
     *
     * @param callable(int): bool $which given the number of a chord
     */
    public function end(callable $which, Cause $cause): void
    {
        foreach (array_reverse(array_keys($this->own->on + $this->own->forming)) as $chord) {
            if ($which($chord)) {
                $this->endOne($chord, $this->run->program->tables->chords[$chord]->members[0], $cause);
            }
        }
    }

    /**
     * Presses that are still on their way are forgotten, with their releases; what has come already stays.
     *
     * @param callable(int): bool $which given the number of a contact
     */
    public function forget(callable $which): void
    {
        foreach ($this->own->presses as $contact => $presses) {
            foreach ($which($contact) ? array_reverse($presses, true) : [] as $i => $press) {
                if (! $press->on) {
                    $this->drop($contact, $i);
                    $this->run->timers->cancel(self::OWNER, $contact, self::PRESS.$press->n);
                    $this->run->timers->cancel(self::OWNER, $contact, self::RELEASE.$press->n);
                }
            }
        }
    }

    /** Does a press that came late end only by a release that is on its way? */
    public function isEnding(int $contact): bool
    {
        foreach ($this->own->presses[$contact] ?? [] as $press) {
            if ($press->on) {
                return $press->open;
            }
        }

        return false;
    }

    /** What has come late is over: its release is not waited for. */
    public function over(int $contact): void
    {
        foreach ($this->own->presses[$contact] ?? [] as $i => $press) {
            if ($press->on) {
                $this->drop($contact, $i);
                $this->run->timers->cancel(self::OWNER, $contact, self::RELEASE.$press->n);

                return;
            }
        }
    }

    private function endOne(int $chord, int $contact, Cause $cause): void
    {
        if (isset($this->own->forming[$chord])) {
            unset($this->own->forming[$chord]);
            $this->run->timers->cancel(self::OWNER, $chord, self::HELD.$chord);
        }
        if (! isset($this->own->on[$chord])) {
            return;
        }
        unset($this->own->on[$chord]);
        $this->run->presses->releaseAssignment(
            $this->run->program->tables->chords[$chord]->assignment,
            $contact,
            $cause,
        );
    }

    private function drop(int $contact, int $i): void
    {
        $presses = $this->own->presses[$contact];
        unset($presses[$i]);
        if ($presses === []) {
            unset($this->own->presses[$contact]);
        } else {
            $this->own->presses[$contact] = array_values($presses);
        }
    }

    private function forms(int $chord): bool
    {
        $row = $this->run->program->tables->chords[$chord];
        $times = [];
        foreach ($row->members as $member) {
            $presses = $this->own->presses[$member] ?? [];
            $last = array_key_last($presses);
            if (
                $last === null || $presses[$last]->on
                    || $presses[$last]->open
                    || ! in_array($chord, $presses[$last]->chords, true)
            ) {
                return false;
            }
            $times[] = $presses[$last]->at;
        }

        return $times !== [] && max($times) - min($times) < $row->within && (
            $row->when === null || $this->run->program->chordCondition($chord)?->holds($this->run) === true
        );
    }

    private function form(int $chord, Cause $cause): void
    {
        $row = $this->run->program->tables->chords[$chord];
        foreach ($row->members as $member) {
            $last = (int) array_key_last($this->own->presses[$member]);
            $this->run->timers->cancel(self::OWNER, $member, self::PRESS.$this->own->presses[$member][$last]->n);
            $this->drop($member, $last);
            $this->own->consumed[$member] = $chord;
        }
        if ($row->held > 0) {
            $this->own->forming[$chord] = true;
            $this->run->timers->set($row->held, self::OWNER, $chord, $cause, self::HELD.$chord);
        } else {
            $this->comesOn($chord, $cause);
        }
    }

    private function comesOn(int $chord, Cause $cause): void
    {
        $row = $this->run->program->tables->chords[$chord];
        unset($this->own->forming[$chord]);
        $this->run->presses->pressAssignment(
            $row->assignment,
            $row->members[0],
            $cause->then(StepKind::Chord, $row->id),
        );
        $this->own->on[$chord] = true;
    }

    /**
     * @return list<int> the chords that a contact is part of, where the live layer or else the base layer speaks of it
     */
    public function of(int $contact): array
    {
        $tables = $this->run->program->tables;
        $live = $this->run->layers->live();
        if (isset($tables->cells[$live][$contact]) || isset($tables->chordsOf[$live][$contact])) {
            return $tables->chordsOf[$live][$contact] ?? [];
        }

        return $tables->chordsOf[Layers::BASE][$contact] ?? [];
    }

    /** What a contact of a layer that has a chord with it is bound to by itself, if that layer says nothing else. */
    public function hidesBase(int $contact, int $live): bool
    {
        return isset(
            $this->run->program->tables->chordsOf[$live][$contact],
        ) && ! isset($this->run->program->tables->cells[$live][$contact]);
    }
}
