<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;

/**
 * Chords at work. A member's own press and release come as much later as its chord may take to form, and are dropped if
 * it forms; which assignment they are bound to is judged when the contact closes. An entry of `presses` is what a closing
 * may still become; `late` is what a delayed press was bound to, until its delayed release.
 */
final class Chords implements Timed
{
    public const OWNER = 'chord';

    public function __construct(private readonly Run $run) {}

    /**
     * A member has closed.
     *
     * @param list<int> $chords     it may be part of, in file order
     * @param int       $assignment its own press is bound to
     */
    public function press(int $contact, array $chords, int $assignment, Cause $cause): void
    {
        $state = $this->run->state;
        $wait = max([0, ...array_map(fn (int $chord) => $this->run->program->tables['chords'][$chord]['within'], $chords)]);
        foreach ($state->timers as $timer) {
            if ($timer->owner === self::OWNER && str_starts_with($timer->subject, 'release '.$contact.' ')) {
                $wait = max($wait, $timer->due - $state->now);
            }
        }
        $state->presses[$contact][] = ['at' => $state->now, 'wait' => $wait, 'chords' => $chords, 'assignment' => $assignment, 'open' => false];
        $this->run->timers->set($wait, self::OWNER, 'press '.$contact.' '.$state->now, $cause);
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
        $state = $this->run->state;
        if (isset($state->consumed[$contact])) {
            $chord = $state->consumed[$contact];
            unset($state->consumed[$contact]);
            if (isset($state->chordOn[$chord])) {
                unset($state->chordOn[$chord]);
                $this->run->contacts->releaseAssignment($this->run->program->tables['chords'][$chord]['assignment'], $contact, $cause);
            }

            return true;
        }
        $last = array_key_last($state->presses[$contact] ?? []);
        if ($last !== null && ! $state->presses[$contact][$last]['open']) {
            $state->presses[$contact][$last]['open'] = true;
            $this->later($contact, $state->presses[$contact][$last]['assignment'], $state->presses[$contact][$last]['wait'], $cause);

            return true;
        }
        if (isset($state->late[$contact])) {
            [$assignment, $wait] = $state->late[$contact];
            $this->later($contact, $assignment, $wait, $cause);

            return true;
        }

        return false;
    }

    public function timer(Timer $timer): void
    {
        $state = $this->run->state;
        [$what, $contact, $of] = explode(' ', $timer->subject);
        $contact = (int) $contact;
        if ($what === 'release') {
            unset($state->late[$contact]);
            $this->run->contacts->releaseAssignment((int) $of, $contact, $timer->cause);

            return;
        }
        $press = array_shift($state->presses[$contact]);
        if ($state->presses[$contact] === []) {
            unset($state->presses[$contact]);
        }
        if ($press !== null) {
            $this->run->contacts->pressAssignment($press['assignment'], $contact, $timer->cause);
            $state->late[$contact] = [$press['assignment'], $press['wait']];
        }
    }

    /** Everything is let go of: what may still become a chord is forgotten, what is one ends. */
    public function end(Cause $cause): void
    {
        $state = $this->run->state;
        foreach (array_keys($state->chordOn) as $chord) {
            $row = $this->run->program->tables['chords'][$chord];
            $this->run->contacts->releaseAssignment($row['assignment'], $row['members'][0], $cause);
        }
        foreach ($state->late as $contact => [$assignment]) {
            $this->run->contacts->releaseAssignment($assignment, $contact, $cause);
        }
        $state->chordOn = $state->late = $state->presses = [];
        $state->timers = array_values(array_filter($state->timers, fn (Timer $timer) => $timer->owner !== self::OWNER));
    }

    private function later(int $contact, int $assignment, int $wait, Cause $cause): void
    {
        $this->run->timers->set($wait, self::OWNER, 'release '.$contact.' '.$assignment, $cause);
    }

    private function forms(int $chord): bool
    {
        $row = $this->run->program->tables['chords'][$chord];
        $times = [];
        foreach ($row['members'] as $member) {
            $presses = $this->run->state->presses[$member] ?? [];
            $last = array_key_last($presses);
            if ($last === null || $presses[$last]['open'] || ! in_array($chord, $presses[$last]['chords'], true)) {
                return false;
            }
            $times[] = $presses[$last]['at'];
        }

        return $times !== [] && max($times) - min($times) < $row['within'] && ($row['when'] === null || $this->run->program->chordCondition($chord)?->holds($this->run) === true);
    }

    private function form(int $chord, Cause $cause): void
    {
        $state = $this->run->state;
        $row = $this->run->program->tables['chords'][$chord];
        foreach ($row['members'] as $member) {
            $press = array_pop($state->presses[$member]);
            if ($state->presses[$member] === []) {
                unset($state->presses[$member]);
            }
            if ($press !== null) {
                $this->run->timers->cancel(self::OWNER, 'press '.$member.' '.$press['at']);
            }
            $state->consumed[$member] = $chord;
        }
        $this->run->contacts->pressAssignment($row['assignment'], $row['members'][0], $cause->then(StepKind::Chord, $row['id']));
        $state->chordOn[$chord] = true;
    }

    /** @return list<int> the chords that a contact is part of, where the live layer or else the base layer speaks of it */
    public function of(int $contact): array
    {
        $tables = $this->run->program->tables;
        $live = $this->run->layers->live();
        if (isset($tables['cells'][$live][$contact]) || isset($tables['chordsOf'][$live][$contact])) {
            return $tables['chordsOf'][$live][$contact] ?? [];
        }

        return $tables['chordsOf'][Layers::BASE][$contact] ?? [];
    }

    /** What a contact of a layer that has a chord with it is bound to by itself, if that layer says nothing else. */
    public function hidesBase(int $contact, int $live): bool
    {
        return isset($this->run->program->tables['chordsOf'][$live][$contact]) && ! isset($this->run->program->tables['cells'][$live][$contact]);
    }
}
