<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\View\Place;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Advice\Plan\Plan;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Advice\Plan\Proposal;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Advice\Plan\Wishes;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\OutputUse;
use Nailrod\Core\Set\Slot;

/**
 * The Plan place: from the game's side, which actions are reached and by what, what is proposed for the others, what is
 * wrong.
 */
final readonly class PlanView
{
    /** All that is not reached yet, in place of the id of a group. */
    public const ALL = 'all';

    public Reach $reach;

    public FindingsReport $report;

    /** What was asked to be proposed: a group, ALL, or nothing. */
    public string $asked;

    public ?Plan $plan;

    public ?Action $take;

    /** @var list<string> ids of devices that are not there */
    public array $away;

    /** Does the rig not answer, so that nobody knows which devices are there? */
    public bool $isRigSilent;

    /** @var list<string> ids of those that the plan uses */
    public array $devices;

    /** The device that is drawn while an action waits for its control; null if the set has none. */
    public ?Device $device;

    /** Page of its faceplate, from 1 on. */
    public int $page;

    /**
     * @param callable(): ?list<string> $away ids of devices that are not there, null if nobody knows; asked only if it
     *    matters
     */
    public function __construct(
        public Place $place,
        string $asked,
        public PlanAsked $wants,
        string $take,
        string $device,
        int $page,
        callable $away,
    ) {
        $set = $place->set;
        $this->reach = Reach::of($set);
        $this->report = FindingsReport::of($set);
        $this->asked = isset($set->catalogue->groups[$asked]) || $asked === self::ALL ? $asked : '';
        $told = $this->asked === '' ? [] : $away();
        $this->isRigSilent = $told === null;
        $this->away = $told ?? [];
        $this->devices = $this->wants->devices ?? array_values(
            array_diff(array_map(strval(...), array_keys($set->rig->devices)), $this->away),
        );
        $this->plan = $this->asked === '' ? null : self::proposed(
            $set,
            $this->asked,
            $this->wants->wishes($this->devices),
        );
        $this->take = $set->catalogue?->action($take);
        $drawn = $set->rig->devices[$device] ?? (array_values($set->rig->devices)[0] ?? null);
        $this->device = $drawn === null ? null : $set->wired($drawn);
        $this->page = max(1, min($this->device?->pages() ?? 1, $page));
        foreach ($wants->devices ?? [] as $wanted) {
            $place->notHere->ask('device', $wanted, isset($set->rig->devices[$wanted]));
        }
        $place->notHere->ask('action', $take, $this->take !== null);
        $place->notHere->ask('group', $asked, $this->asked === $asked);
        $place->notHere->ask('device', $device, isset($set->rig->devices[$device]), $this->device->name ?? '');
    }

    /** @param string $asked a group, or ALL */
    public static function proposed(BindingSet $set, string $asked, Wishes $wishes): ?Plan
    {
        $catalogue = $set->catalogue;
        if ($catalogue === null) {
            return null;
        }
        $actions = $asked === self::ALL ? null : array_map(
            fn (Action $action) => $action->id,
            $catalogue->byGroup()[$asked] ?? [],
        );

        return (new Planner($set, $catalogue, wishes: $wishes))->plan($actions);
    }

    /** Address of the same plan with this device drawn. */
    public function drawing(string $device, int $page = 1): string
    {
        return route(
            'plan',
            array_filter([
                'set' => $this->place->record->id,
                'take' => $this->take?->id,
                'propose' => $this->asked,
                'device' => $device,
                'page' => $page,
            ]),
        );
    }

    public function isByKey(Proposal $proposal): bool
    {
        return $this->wants->wishes()->isByKey($proposal->id());
    }

    /** @throws FormatError if there is no such action, or the control does not suit it */
    public static function pressed(BindingSet $set, string $action, string $layer, string $ref): Proposal
    {
        $catalogue = $set->catalogue;
        $wanted = $catalogue?->action($action);
        if ($catalogue === null || $wanted === null) {
            throw FormatError::at('action', $action, 'an action of the simulator of this set');
        }

        return (new Planner($set, $catalogue))->on($wanted, new Slot($layer, $ref));
    }

    /**
     * @param list<string> $not
     *
     * @return array<string, list<string>> references that were turned down, by action
     */
    public static function refused(array $not): array
    {
        $refused = [];
        foreach ($not as $one) {
            [$action, $ref] = [...explode(':', $one, 2), ''];
            $refused[$action][] = $ref;
        }

        return $refused;
    }

    /** Address of the plan with one more proposal turned down. */
    public function without(string $refusal): string
    {
        return route(
            'plan',
            [
                'set' => $this->place->record->id,
                'propose' => $this->asked,
            ] + $this->wants->turnedDown($refusal)->toArray(),
        );
    }

    /** Address of the plan with a proposal that goes the other way: by a key, or by an output. */
    public function otherwise(Proposal $proposal): string
    {
        return route(
            'plan',
            ['set' => $this->place->record->id, 'propose' => $this->asked] + $this->wants->turnedRound(
                array_map(fn ($choice) => $choice->action->id, $proposal->choices),
            )->toArray(),
        );
    }

    /** @return array<string, list<Action>> by group */
    public function groups(): array
    {
        return $this->place->set->catalogue?->byGroup() ?? [];
    }

    /** @param list<Action> $actions */
    public function reached(array $actions): int
    {
        return count(array_filter($actions, fn (Action $action) => $this->reach->reaches($action->id)));
    }

    /** Where an action is reached from, in words. */
    public function where(Action $action): string
    {
        return implode(', ', array_map($this->spot(...), $this->reach->spots($action->id)));
    }

    public function spot(Slot $spot): string
    {
        $set = $this->place->set;

        return $set->rig->fullNameOf($spot->ref).(
            $spot->layer === 'base' ? '' : ', '.($set->layers[$spot->layer]->name ?? $spot->layer)
        );
    }

    /** @return array{reached: int, of: int, needed: int, buttons: string, axes: string} how far the set is */
    public function figures(): array
    {
        $catalogue = $this->place->set->catalogue;
        $use = new OutputUse($this->place->set);
        $actions = $catalogue->actions ?? [];
        $left = fn (int $free, int $of): string => $of === 0 ? 'not taken' : $free.' of '.$of.' free';

        return [
            'reached' => $this->reached(array_values($actions)),
            'of' => count($actions),
            'needed' => count(array_filter(
                $actions,
                fn (Action $action) => $action->essential && ! $this->reach->reaches($action->id),
            )),
            'buttons' => $left(count($use->buttons()->free()), $catalogue->buttons ?? 0),
            'axes' => $left(count($use->axes()->free()), $catalogue->axes ?? 0),
        ];
    }
}
