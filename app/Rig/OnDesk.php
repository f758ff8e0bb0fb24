<?php

declare(strict_types=1);

namespace App\Rig;

use App\Memory\Memories;
use App\Memory\Unit;
use App\Models\DeviceRecord;
use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Exchange\Memory\WriteTimer;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartChange;
use Nailrod\Core\Set\Section\Settings;
use Nailrod\Core\Set\Words;

/**
 * The units on the desk, as the rig has them: the modes that they are in, and what is written to them after each edit.
 */
final class OnDesk
{
    /** How long it is waited for a device that takes no write now, in µs. */
    private const AGAIN = 500_000;

    private WriteTimer $timer;

    /** @var list<string> devices of which it is still to be looked at what they hold, by id */
    private array $asked = [];

    /** @var array<string, string> what is to be written to devices, by id */
    private array $waiting = [];

    /** @var array<string, string> why a device that waits is not written, as it was said last */
    private array $why = [];

    /** @var ?\Fiber<mixed, mixed, string, mixed> the write that is under way: it goes on by a block each time */
    private ?\Fiber $writing = null;

    /** The device that it writes to. */
    private string $id = '';

    /** What it waits for at its beginning or end; empty if it goes on. */
    private string $waitsFor = '';

    /** When those that wait are looked at again, in µs. */
    private int $again = 0;

    public function __construct()
    {
        $this->timer = WriteTimer::idle();
    }

    /** The devices are in the modes that hands have put them into. */
    public static function inModes(LiveState $state, BindingSet $set): LiveState
    {
        $state->modes = Memories::modes($set->rig);

        return $state;
    }

    public function modes(RigAtWork $work, int $now): LiveStep
    {
        return $work->modes(Memories::modes($work->set->rig), $now);
    }

    /**
     * @return list<string> which devices hold other settings than a set that comes into play wants, where they are not
     *    written by themselves
     */
    public function wants(BindingSet $set): array
    {
        $said = [];
        $themselves = DeviceRecord::query()->where('writes_itself', true)->pluck('id')->all();
        $words = new Words($set);
        foreach (
            array_filter(
                $set->rig->devices,
                fn (Device $device) => $device->keeps() !== null
                    && $device->onboard->settings !== []
                    && ! in_array($device->id, $themselves, true),
            ) as $device
        ) {
            $unit = Memories::unit($device);
            $stored = Memories::decoded($unit->memory()->inForce(), $unit->device);
            $changes = $stored === null ? [] : array_filter(
                DeviceMapping::of($set, $unit->device)->since($stored),
                fn (PartChange $change) => $change->path->section === Settings::name() && $change->after !== null,
            );
            if ($changes !== []) {
                $said[] = sprintf(
                    '%s wants %s otherwise than it is: %s. Write it on Store.',
                    $set->merged->own->name,
                    $unit->title(),
                    implode(
                        ', ',
                        array_map(
                            fn (PartChange $change) => lcfirst(
                                $device->setting((string) $change->path->inner)->name ?? '',
                            ).' '.$words->value($change->after),
                            $changes,
                        ),
                    ),
                );
            }
        }

        return $said;
    }

    /** The set in play is another than it was. */
    public function edited(int $now): void
    {
        $this->timer = $this->timer->edited($now);
    }

    /** When run() is to be called again; null if there is nothing to do. */
    public function due(int $now): ?int
    {
        $due = array_filter([
            $this->writing === null ? null : ($this->waitsFor === '' ? $now : $this->again),
            $this->asked === [] && $this->waiting === [] ? null : $this->again,
            $this->timer->due() === null ? null : max($this->timer->due(), $this->again),
        ], is_int(...));

        return $due === [] ? null : min($due);
    }

    /** @return list<string> what is to be told: that a device was written, or why it is not */
    public function run(RigAtWork $work, int $now): array
    {
        if ($this->writing !== null) {
            return $this->waitsFor === '' || $this->again <= $now ? $this->goOn($work, $now) : [];
        }
        try {
            return $this->again <= $now ? StoreRefuses::whenDoing(fn (): array => $this->turn($work, $now)) : [];
        } catch (StoreRefuses) {
            // What is to be written where cannot be read just now.
            $this->again = $now + self::AGAIN;

            return [];
        }
    }

    /** @return list<string> */
    private function turn(RigAtWork $work, int $now): array
    {
        $due = $this->timer->due();
        if ($due !== null && $due <= $now) {
            $this->asked = array_values(array_filter(
                DeviceRecord::query()->where('writes_itself', true)->pluck('id')->all(),
                fn (mixed $id) => isset($work->set->rig->devices[$id]),
            ));
            $this->timer = WriteTimer::idle();
            $this->waiting = [];
        }
        if ($this->asked !== []) {
            $this->look($work, $this->asked[0]);
            array_shift($this->asked);

            return [];
        }

        return $this->waiting === [] ? [] : $this->next($work, $now);
    }

    /**
     * What is to be written to a device is made; one device each time, since that takes a while.
     */
    private function look(RigAtWork $work, string $id): void
    {
        $device = $work->set->rig->devices[$id] ?? null;
        $unit = $device === null ? null : Memories::unit($device);
        if ($unit !== null && Memories::standing($work->set, $unit)[0] !== Standing::InStep) {
            $this->waiting[$id] = DeviceMapping::of($work->set, $unit->device)->encode();
        } else {
            unset($this->why[$id]);
        }
    }

    /**
     * The next device that can be written begins; those that cannot be now are waited for.
     *
     * @return list<string>
     */
    private function next(RigAtWork $work, int $now): array
    {
        $said = [];
        $this->again = $now + self::AGAIN;
        foreach ($this->waiting as $id => $content) {
            $device = $work->set->rig->devices[$id] ?? null;
            if ($device === null) {
                unset($this->waiting[$id]);

                continue;
            }
            $unit = Memories::unit($device);
            $why = Memories::readiness($unit, ! isset($work->live->state->unplugged[$id]), strlen($content))->why();
            if ($why === null) {
                unset($this->waiting[$id], $this->why[$id]);
                $this->again = $now;

                return [...$said, ...$this->begin($unit, $content, $work, $now)];
            }
            if (($this->why[$id] ?? '') !== $why) {
                $this->why[$id] = $why;
                $said[] = $unit->title().' is not written yet: '.lcfirst($why);
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function begin(Unit $unit, string $content, RigAtWork $work, int $now): array
    {
        [$this->id, $set] = [$unit->device->id, $work->set->merged->own->name];
        $this->writing = new \Fiber(function () use ($unit, $content, $set): string {
            try {
                Memories::put($unit, $content, 'Written after an edit of '.$set.'.');

                return sprintf('%s was written after the edit: %d bytes, verified.', $unit->title(), strlen($content));
            } catch (Refusal $refusal) {
                return $unit->title().' was not written: '.$refusal->getMessage();
            }
        });

        return $this->went($this->writing->start(), $work, $now);
    }

    /** @return list<string> */
    private function goOn(RigAtWork $work, int $now): array
    {
        return $this->went($this->writing?->resume(), $work, $now);
    }

    /**
     * The write has gone on, has ended, or waits for somebody else.
     *
     * @param mixed $waitsFor a word for it, as Waits::until() gave it
     *
     * @return list<string>
     */
    private function went(mixed $waitsFor, RigAtWork $work, int $now): array
    {
        if ($this->writing?->isTerminated() === true) {
            $said = $this->writing->getReturn();
            [$this->writing, $this->waitsFor] = [null, ''];
            unset($this->why[$this->id]);

            return [$said];
        }
        $this->waitsFor = is_string($waitsFor) ? $waitsFor : '';
        $this->again = $this->waitsFor === '' ? $now : $now + self::AGAIN;
        if ($this->waitsFor === '' || ($this->why[$this->id] ?? '') === $this->waitsFor) {
            return [];
        }
        $this->why[$this->id] = $this->waitsFor;

        return [sprintf('%s is not written yet: %s', $work->set->rig->deviceNameOf($this->id.'/'), $this->waitsFor)];
    }
}
