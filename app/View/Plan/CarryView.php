<?php

declare(strict_types=1);

namespace App\View\Plan;

use App\Sets\SetStore;
use App\Sets\SetTree;
use App\View\Place;
use Nailrod\Core\Advice\Plan\CarryOver;
use Nailrod\Core\Advice\Plan\DeviceCarry;
use Nailrod\Core\Advice\Plan\DeviceMatch;
use Nailrod\Core\Advice\Plan\Plan;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Advice\Plan\RoleColumn;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetGlance;

/** Carry over: what another set reaches into this one, or what one device does to another. */
final readonly class CarryView
{
    public ?BindingSet $from;

    public ?Device $old;

    public ?Device $new;

    public ?Plan $plan;

    /** @var list<DeviceMatch> */
    public array $matches;

    /**
     * @param string       $from the set that is carried over; empty for none
     * @param string       $old  the device that goes, and the one that comes
     * @param list<string> $not  proposals that were turned down
     */
    public function __construct(
        public Place $place,
        private SetStore $store,
        string $from,
        string $old,
        string $new,
        public array $not,
    ) {
        $ids = array_column($place->sets, 'id');
        $this->from = $from !== '' && $from !== $place->record->id
            && in_array($from, $ids, true)
            ? $store->current($store->open($from))
            : null;
        $devices = $place->set->rig->devices;
        $this->old = $devices[$old] ?? null;
        $this->new = $old === $new ? null : $devices[$new] ?? null;
        foreach ([$old, $new] as $device) {
            $place->notHere->ask('device', $device, isset($devices[$device]));
        }
        $place->notHere->ask('set', $from, in_array($from, $ids, true));
        $this->plan = $this->from === null ? null : CarryOver::between(
            $this->from,
            $place->set,
            PlanView::refused($not),
        );
        $this->matches = $this->old === null || $this->new === null ? [] : self::carry(
            $place->set,
            $this->old,
            $this->new,
            $store,
        )->matches();
    }

    public static function carry(BindingSet $set, Device $old, Device $new, SetStore $store): DeviceCarry
    {
        $known = [];
        foreach (SetTree::headings() as ['id' => $id]) {
            if ($id !== $set->merged->own->id) {
                foreach (Keys::each(CarryOver::places($store->current($store->open($id)))) as $role => $spots) {
                    $known[$role] = [...$known[$role] ?? [], ...$spots];
                }
            }
        }

        return new DeviceCarry($set, $old, $new, $known);
    }

    /** @return array<string, string> sets with a game that can be carried over, by id */
    public function sets(): array
    {
        $names = array_diff_key(array_column($this->place->sets, 'name', 'id'), [$this->place->record->id => true]);

        return array_intersect_key(
            $names,
            array_filter(
                $this->store->excerpts(SetGlance::class, Keys::of($names)),
                fn (SetGlance $glance) => $glance->game !== null,
            ),
        );
    }

    /**
     * @return list<array{id: string, name: string, known: int, open: int}> of each set that can be carried over how
     *    many jobs this game knows too, and how many of those are not reached here
     */
    public function offers(): array
    {
        $roles = $this->place->set->catalogue?->byRole() ?? [];
        $reach = Reach::of($this->place->set);
        $offers = [];
        foreach (Keys::each($this->store->excerpts(RoleColumn::class, Keys::of($this->sets()))) as $id => $column) {
            $known = array_intersect_key($roles, array_filter($column->places));
            $offers[] = [
                'id' => $id,
                'name' => $column->name,
                'known' => count($known),
                'open' => count(array_filter($known, fn (Action $action) => ! $reach->reaches($action->id))),
            ];
        }

        return $offers;
    }

    /** @return array<string, string> names of the devices of the rig, by id */
    public function devices(): array
    {
        return array_map(fn (Device $device) => $device->name, $this->place->set->rig->devices);
    }

    public function without(string $refusal): string
    {
        return route(
            'carry',
            [
                'set' => $this->place->record->id,
                'from' => $this->from?->merged->own->id,
                'not' => [...$this->not, $refusal],
            ],
        );
    }

    /** What a control does in each layer, in words. */
    public function does(DeviceMatch $match): string
    {
        $says = [];
        foreach ($match->control->contacts as $contact) {
            $says[] = $this->doesAt($contact->ref);
        }
        foreach ($match->control->axes as $axis) {
            $says[] = $this->doesAt($axis->ref);
        }

        return implode('; ', array_unique(array_filter($says)));
    }

    private function doesAt(string $ref): string
    {
        $says = [];
        foreach (Keys::of($this->place->set->layers) as $layer) {
            $cell = $this->place->set->cell((string) $layer, $ref);
            if ($cell !== null) {
                $says[] = $this->place->words->brief($cell);
            }
        }

        return implode(', ', $says);
    }

    /** @return array<string, string> roles that are there already or have no place, and why, by name of the action */
    public function left(): array
    {
        $left = [];
        foreach (Keys::each($this->plan->left ?? []) as $action => $why) {
            $left[$this->place->set->catalogue?->action($action)->name ?? $action] = $why;
        }

        return $left;
    }
}
