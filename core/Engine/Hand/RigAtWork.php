<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

use Nailrod\Core\Engine\Live\Live;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Set\BindingSet;

/**
 * One rig, one program, one clock, and all hands that work it. Times in µs of the rig's clock, which only goes forward.
 */
final class RigAtWork
{
    /** Inputs that are taken before others have their turn. */
    private const SLICE = 100;

    public readonly InputSources $hands;

    /**
     * @var list<array{string, InputSource, non-empty-list<InputSource>}> devices that a hand has begun to feed beside
     *    others, and was not told of yet
     */
    private array $shared = [];

    private ReportReading $reading;

    public function __construct(public Live $live, public BindingSet $set, private Program $program)
    {
        $this->hands = new InputSources;
        $this->reading = new ReportReading($set->rig);
    }

    /**
     * A hand opens itself. What it feeds counts as plugged in.
     *
     * @param list<string> $devices that it feeds: each goes with the last hand that does
     *
     * @return array{InputSource, LiveStep}
     *
     * @throws SourceError if there are too many
     */
    public function open(string $id, string $name, SourceKind $kind, array $devices, int $now): array
    {
        $hand = $this->hands->open($id, $name, $kind, $devices, $now);
        $this->lookForGame();
        array_map(fn (string $device) => $this->noteShared($device, $hand), $devices);

        return [$hand, LiveStep::joined([$this->to($now), ...array_map($this->live->plugIn(...), $devices)])];
    }

    /**
     * Takes a batch, slice by slice: between two of them others may have their turn. The answer is then in the hand. A
     * batch that was taken already is not taken again.
     *
     * @param callable(): int $clock
     *
     * @return \Generator<LiveStep>
     *
     * @throws SourceError if one is missing before it
     */
    public function take(InputSource $hand, Batch $batch, callable $clock): \Generator
    {
        $hand->heard = $clock();
        if ($batch->n === $hand->batch) {
            return;
        }
        if ($batch->n !== $hand->batch + 1) {
            throw SourceError::batch($batch->n, $hand->batch + 1);
        }
        $hand->batch = $batch->n;
        $hand->answer = null;
        $problems = $batch->problems;
        $inputs = $this->inputs($batch, $problems);
        $last = $batch->sent ?? ($inputs === [] ? null : max(array_map(fn (Input $input): int => $input->t, $inputs)));
        if ($last !== null) {
            $hand->clock->hear($last, $clock());
        }
        $taken = 0;
        $hand->inputs += count($inputs);
        if ($batch->plugs !== [] || $batch->found !== [] || $batch->letsGo !== []) {
            $step = $this->begins($hand, $batch, $clock());
            array_push($problems, ...$step->problems);
            yield $step;
        }
        foreach (array_chunk($inputs, self::SLICE) as $slice) {
            $step = $this->slice($hand, $slice, $clock());
            $taken += $step->moved();
            array_push($problems, ...$step->problems);
            yield $hand->kind === SourceKind::Game ? $step->asOfGame() : $step;
        }
        $hand->answer = new Taken($batch->n, $taken, $problems);
    }

    /**
     * Inputs of a batch, those that reports say among them, in the order of their times.
     *
     * @param list<string> $problems
     *
     * @return list<Input>
     */
    private function inputs(Batch $batch, array &$problems): array
    {
        if ($batch->reports === []) {
            return $batch->inputs;
        }
        $inputs = [
            ...$batch->inputs,
            ...$this->reading->inputs($batch->reports, $this->live->state->hands, $problems, $this->live->state->modes),
        ];
        usort($inputs, fn (Input $one, Input $other): int => $one->t <=> $other->t);

        return $inputs;
    }

    /** What came and went, and how the hand finds its controls. */
    private function begins(InputSource $hand, Batch $batch, int $now): LiveStep
    {
        $steps = [$this->to($now), $this->letGo($hand, $batch->letsGo)];
        foreach ($batch->plugs as $device => $isThere) {
            $device = (string) $device;
            // What another hand feeds too is still there.
            $isGone = ! $isThere && (
                ! in_array($device, $hand->devices, true) || $this->hands->othersThatFeed($device, $hand) === []
            );
            $steps[] = $isThere ? $this->live->plugIn($device) : (
                $isGone ? $this->live->unplug($device) : LiveStep::none()
            );
            $wasFed = in_array($device, $hand->devices, true);
            $hand->devices = array_values(array_diff($hand->devices, [$device]));
            if (
                $isThere && $hand->kind !== SourceKind::Recording && (
                    $this->set->rig->devices[$device] ?? null
                )?->isReadByBrowser() === true
            ) {
                $hand->devices[] = $device;
                $wasFed || $this->noteShared($device, $hand);
            }
        }
        $found = [];
        foreach ($batch->found as $input) {
            if ($this->hands->takes($hand, $input, $this->set->rig)) {
                $found[] = new Input($this->latest(), $input->port, $input->value);
            }
        }
        if ($found !== []) {
            $steps[] = $this->live->find($found, $this->latest());
        }

        return LiveStep::joined($steps);
    }

    /** @param list<Input> $inputs */
    private function slice(InputSource $hand, array $inputs, int $now): LiveStep
    {
        $now = max($now, $this->latest());
        $at = $this->latest();
        $placed = [];
        foreach ($inputs as $input) {
            // Never before what was taken already, and never in the future.
            $at = max($at, min($now, $hand->clock->at($input->t)));
            if ($this->hands->takes($hand, $input, $this->set->rig)) {
                $placed[] = new Input($at, $input->port, $input->value);
            }
        }

        return $this->live->step($placed, $at, $hand->kind->isDrawn());
    }

    /**
     * A hand goes: what it held and springs back does so, what nobody else feeds counts as unplugged, all else stays.
     */
    public function goes(InputSource $hand, int $now): LiveStep
    {
        $steps = [$this->to($now), $this->letGo($hand, null)];
        $this->hands->close($hand);
        $this->lookForGame();
        $alone = array_filter(
            $hand->devices,
            fn (string $device): bool => $this->hands->othersThatFeed($device, $hand) === [],
        );

        return LiveStep::joined([...$steps, ...array_map($this->live->unplug(...), array_values($alone))]);
    }

    private function noteShared(string $device, InputSource $hand): void
    {
        $others = $this->hands->othersThatFeed($device, $hand);
        if ($others !== []) {
            $this->shared[] = [$device, $hand, $others];
        }
    }

    /** @return array<string, list<string>> names of the other hands that feed a device too, by device */
    public function shares(InputSource $hand): array
    {
        $shares = [];
        foreach ($hand->devices as $device) {
            $shares[$device] = array_map(
                fn (InputSource $other): string => $other->name,
                $this->hands->othersThatFeed($device, $hand),
            );
        }

        return array_filter($shares);
    }

    /**
     * @return list<string> a sentence for each device that a hand has begun to feed beside others, since this was asked
     *    last
     */
    public function sharedNow(): array
    {
        $said = array_map(
            fn (array $one): string => sprintf(
                '%s is fed by %s too, beside %s. It stays until the last of them goes.',
                $this->set->rig->deviceNameOf($one[0].'/'),
                $one[1]->name,
                implode(', ', array_map(fn (InputSource $other): string => $other->name, $one[2])),
            ),
            $this->shared,
        );
        $this->shared = [];

        return $said;
    }

    /**
     * Time has passed: timers that are due fire, the game goes on, and hands that are silent go. Where nothing of that
     * happens, the time of the last thing stays, so that an input on its way can still be placed where it was.
     */
    public function run(int $now): LiveStep
    {
        $steps = [];
        while (($due = $this->live->nextDue()) !== null && $due <= $now) {
            $steps[] = $this->live->step([], $due);
        }
        if ($this->live->isGameMoving()) {
            $steps[] = $this->to($now);
        }
        foreach ($this->hands->silent($now) as $hand) {
            $steps[] = $this->goes($hand, $now);
        }

        return LiveStep::joined($steps);
    }

    private function to(int $now): LiveStep
    {
        return $this->live->step([], max($now, $this->latest()));
    }

    /** The set in play was edited: the new program takes over where the old one is. */
    public function edited(Program $program, BindingSet $set, int $now): LiveStep
    {
        $before = $this->to($now);
        [$this->live, $step] = Live::swap($program, $set, $this->program, $this->live->state);
        $this->comes($program, $set);

        return LiveStep::joined([$before, $step]);
    }

    /** Another set comes into play. */
    public function changeTo(Program $program, BindingSet $set, int $now): LiveStep
    {
        [$this->live, $step] = $this->live->changeTo($program, $set, max($now, $this->latest()));
        $this->comes($program, $set);

        return $step;
    }

    /**
     * Devices are in other modes than before: each goes, and comes back reporting otherwise.
     *
     * @param array<string, string> $modes the mode that a device is in, by device
     * @param int                   $now   in µs
     */
    public function modes(array $modes, int $now): LiveStep
    {
        $state = $this->live->state;
        $steps = [];
        foreach ($this->set->rig->devices as $id => $device) {
            $mode = $modes[$id] ?? '';
            if ($mode === ($state->modes[$id] ?? '')) {
                continue;
            }
            $isThere = ! isset($state->unplugged[$id]);
            $steps[] = $this->to($now);
            $steps[] = $isThere ? $this->live->unplug((string) $id) : LiveStep::none();
            $state->modes = array_filter([$id => $mode] + $state->modes);
            $steps[] = $isThere ? $this->live->plugIn((string) $id) : LiveStep::none();
        }

        return LiveStep::joined($steps);
    }

    private function comes(Program $program, BindingSet $set): void
    {
        [$this->program, $this->set, $this->reading] = [$program, $set, new ReportReading($set->rig)];
        $this->lookForGame();
    }

    /** While a game is there that runs outside, the stand-in here rests. */
    private function lookForGame(): void
    {
        $this->live->isGameOutside = array_filter(
            $this->hands->all,
            fn (InputSource $hand): bool => $hand->kind === SourceKind::Game,
        ) !== [];
    }

    /**
     * What a hand holds springs back.
     *
     * @param ?list<string> $ports only of these; null for all
     */
    private function letGo(InputSource $hand, ?array $ports): LiveStep
    {
        $held = $this->hands->heldBy($hand, $this->live->state->hands, $this->set->rig);
        $inputs = [];
        foreach ($ports === null ? $held : array_intersect_key($held, array_flip($ports)) as $port => $rest) {
            $inputs[] = new Input($this->latest(), (string) $port, $rest);
        }

        return $inputs === [] ? LiveStep::none() : $this->live->step($inputs, $this->latest());
    }

    /** @return list<string> ports that a hand holds and that spring back */
    public function holds(InputSource $hand): array
    {
        return array_map(
            strval(...),
            array_keys($this->hands->heldBy($hand, $this->live->state->hands, $this->set->rig)),
        );
    }

    /** @return array<string, int> what hands hold that springs back: the value it goes back to, by port */
    public function held(): array
    {
        $held = [];
        foreach ($this->hands->all as $hand) {
            $held += $this->hands->heldBy($hand, $this->live->state->hands, $this->set->rig);
        }

        return $held;
    }

    /** When the last thing happened, in µs. */
    public function latest(): int
    {
        return $this->live->state->run->now;
    }

    public function program(): Program
    {
        return $this->program;
    }
}
