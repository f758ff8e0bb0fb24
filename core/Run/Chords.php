<?php

declare(strict_types=1);

namespace Nailrod\Core\Run;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Cause\StepKind;

/**
 * Chords at work. A member's own press and release come as much later as its chord may take to form, and are dropped if
 * it forms; which assignment they are bound to is judged when the contact closes. `State::$presses` holds each such press
 * until its release has come: `on` once it has come itself, `open` once its contact has opened, `ends` when its release
 * comes then. What has come late is held in `State::$pressed` under the complement of the contact, since the contact may
 * be pressed anew, where it is no member, before the late release has come.
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
        $wait = max([0, ...array_map(fn (int $chord) => $this->run->program->tables->chords[$chord]->within, $chords)]);
        foreach ($state->presses[$contact] ?? [] as $before) {
            $wait = max($wait, $before['ends'] - $state->now);
        }
        $n = $state->delayed++;
        $state->presses[$contact][] = ['n' => $n, 'at' => $state->now, 'wait' => $wait, 'chords' => $chords, 'assignment' => $assignment, 'on' => false, 'open' => false, 'ends' => 0];
        $this->run->timers->set($wait, self::OWNER, 'press '.$contact.' '.$n, $cause);
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
                $this->endOne($chord, $contact, $cause);
            }

            return true;
        }
        $last = array_key_last($state->presses[$contact] ?? []);
        if ($last === null || $state->presses[$contact][$last]['open']) {
            return false;
        }
        $press = $state->presses[$contact][$last];
        $state->presses[$contact][$last] = ['open' => true, 'ends' => $state->now + $press['wait']] + $press;
        $this->run->timers->set($press['wait'], self::OWNER, 'release '.$contact.' '.$press['n'], $cause);

        return true;
    }

    public function timer(Timer $timer): void
    {
        $state = $this->run->state;
        [$what, $contact, $n] = array_map(fn (string $word) => is_numeric($word) ? (int) $word : $word, explode(' ', $timer->subject));
        foreach ($state->presses[(int) $contact] ?? [] as $i => $press) {
            if ($press['n'] !== $n) {
                continue;
            }
            if ($what === 'press') {
                $state->presses[(int) $contact][$i]['on'] = true;
                $this->run->contacts->pressLate((int) $contact, $press['assignment'], $timer->cause);
            } else {
                $this->drop((int) $contact, $i);
                $this->run->contacts->releaseLate((int) $contact, $timer->cause);
            }

            return;
        }
    }

    /**
     * Chords that are on end, the latest first.
     *
     * @param callable(int): bool $which given the number of a chord
     */
    public function end(callable $which, Cause $cause): void
    {
        foreach (array_reverse(array_keys($this->run->state->chordOn)) as $chord) {
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
        foreach ($this->run->state->presses as $contact => $presses) {
            foreach ($which($contact) ? array_reverse($presses, true) : [] as $i => $press) {
                if (! $press['on']) {
                    $this->drop($contact, $i);
                    $this->run->timers->cancelAll(fn (Timer $timer) => $timer->owner === self::OWNER && in_array($timer->subject, ['press '.$contact.' '.$press['n'], 'release '.$contact.' '.$press['n']], true));
                }
            }
        }
    }

    /** Does a press that came late end only by a release that is on its way? */
    public function isEnding(int $contact): bool
    {
        foreach ($this->run->state->presses[$contact] ?? [] as $press) {
            if ($press['on']) {
                return $press['open'];
            }
        }

        return false;
    }

    /** What has come late is over: its release is not waited for. */
    public function over(int $contact): void
    {
        foreach ($this->run->state->presses[$contact] ?? [] as $i => $press) {
            if ($press['on']) {
                $this->drop($contact, $i);
                $this->run->timers->cancel(self::OWNER, 'release '.$contact.' '.$press['n']);

                return;
            }
        }
    }

    /** The chord that a closed contact has become a part of; null if it has not. */
    public function takenBy(int $contact): ?int
    {
        return $this->run->state->consumed[$contact] ?? null;
    }

    private function endOne(int $chord, int $contact, Cause $cause): void
    {
        unset($this->run->state->chordOn[$chord]);
        $this->run->contacts->releaseAssignment($this->run->program->tables->chords[$chord]->assignment, $contact, $cause);
    }

    private function drop(int $contact, int $i): void
    {
        $presses = $this->run->state->presses[$contact];
        unset($presses[$i]);
        if ($presses === []) {
            unset($this->run->state->presses[$contact]);
        } else {
            $this->run->state->presses[$contact] = array_values($presses);
        }
    }

    private function forms(int $chord): bool
    {
        $row = $this->run->program->tables->chords[$chord];
        $times = [];
        foreach ($row->members as $member) {
            $presses = $this->run->state->presses[$member] ?? [];
            $last = array_key_last($presses);
            if ($last === null || $presses[$last]['on'] || $presses[$last]['open'] || ! in_array($chord, $presses[$last]['chords'], true)) {
                return false;
            }
            $times[] = $presses[$last]['at'];
        }

        return $times !== [] && max($times) - min($times) < $row->within && ($row->when === null || $this->run->program->chordCondition($chord)?->holds($this->run) === true);
    }

    private function form(int $chord, Cause $cause): void
    {
        $state = $this->run->state;
        $row = $this->run->program->tables->chords[$chord];
        foreach ($row->members as $member) {
            $last = (int) array_key_last($state->presses[$member]);
            $this->run->timers->cancel(self::OWNER, 'press '.$member.' '.$state->presses[$member][$last]['n']);
            $this->drop($member, $last);
            $state->consumed[$member] = $chord;
        }
        $this->run->contacts->pressAssignment($row->assignment, $row->members[0], $cause->then(StepKind::Chord, $row->id));
        $state->chordOn[$chord] = true;
    }

    /** @return list<int> the chords that a contact is part of, where the live layer or else the base layer speaks of it */
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
        return isset($this->run->program->tables->chordsOf[$live][$contact]) && ! isset($this->run->program->tables->cells[$live][$contact]);
    }
}
