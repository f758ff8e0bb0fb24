<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Mapping\Behaviour\Pulse;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use Nailrod\Core\Mapping\Behaviour\Toggle;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\KeepsInStep;
use Nailrod\Core\Rig\Device\Kind\Wish;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Slot;

/**
 * Proposes controls and ways for the actions that a set does not reach yet. Nothing that is there is moved: neither a
 * cell nor the number of an output. Pairs get pairs; an action whose other half is there goes beside it; a role that is
 * known from elsewhere goes to the same place. The same set gives the same plan.
 */
final class Planner
{
    private readonly Reach $reach;

    private readonly Seats $seats;

    private readonly WayChoice $ways;

    private readonly Pairs $pairs;

    /**
     * @param array<string, list<Slot>>   $known   where a role is elsewhere, by role
     * @param string                      $where   what "elsewhere" is called
     */
    public function __construct(
        private readonly BindingSet $set,
        private readonly Catalogue $catalogue,
        private readonly array $known = [],
        private readonly string $where = '',
        private readonly Wishes $wishes = new Wishes,
    ) {
        $this->reach = Reach::of($set);
        $this->seats = new Seats($set, $this->wishes);
        $this->ways = new WayChoice($set, $catalogue);
        $this->pairs = new Pairs($catalogue);
    }

    /** @param ?list<string> $actions ids of those to plan; null for all that are not reached */
    public function plan(?array $actions = null): Plan
    {
        $proposals = $left = [];
        $asked = $actions === null ? null : array_flip($this->withPartners($actions));
        $units = ActionGroup::of(
            $this->catalogue,
            $this->pairs,
            fn (Action $action) => (
                $asked === null || isset($asked[$action->id])
            ) && ! $this->reach->reaches($action->id),
        );
        // What has its place elsewhere takes it here before anything else can.
        usort(
            $units,
            fn (ActionGroup $a, ActionGroup $b) => isset(
                $this->known[$b->first()->role],
            ) <=> isset($this->known[$a->first()->role]),
        );
        foreach ($units as $unit) {
            $proposal = $this->propose($unit);
            if ($proposal instanceof Proposal) {
                $proposals[] = $proposal;
            } else {
                $left += array_fill_keys(array_map(fn (Action $action) => $action->id, $unit->actions), $proposal);
            }
        }

        return new Plan($proposals, $left, $this->ways->buttonsLeft(), $this->ways->axesLeft());
    }

    /**
     * One action on the contact or axis that a hand has pressed or moved for it, whatever was there; the way is chosen.
     *
     * @throws FormatError if it cannot be there, or there is no way left
     */
    public function on(Action $action, Slot $spot): Proposal
    {
        if (
            $action->isAxis() !== isset($this->set->rig->axes[$spot->ref])
                || ! isset($this->set->layers[$spot->layer])
                || ! $this->set->rig->has($spot->ref)
        ) {
            throw FormatError::told(
                'control',
                $this->set->rig->nameOf($spot->ref),
                $action->isAxis() ? 'an axis, since '
                    .$action->name
                    .' is one'
                    : 'a contact, since '
                    .$action->name
                    .' is no axis',
            );
        }
        $way = $this->way($action, $spot->ref) ?? throw FormatError::told(
            'way',
            'none that is left',
            'an output, a key or a variable to reach '.$action->name.' by',
        );

        return new Proposal(
            [
                new PlannedCell(
                    $action,
                    $spot,
                    $action->isAxis() ? null : $this->behaviour($action, $spot->ref, $way),
                    $way,
                ),
            ],
            'it was pressed for it',
        );
    }

    /**
     * @param list<string> $actions
     *
     * @return list<string> with the other half of each that is one of a pair
     */
    private function withPartners(array $actions): array
    {
        $all = $actions;
        foreach ($actions as $id) {
            $action = $this->catalogue->action($id);
            $partner = $action === null ? null : $this->pairs->partnerOf($action);
            if ($partner !== null) {
                $all[] = $partner->id;
            }
        }

        return $all;
    }

    /** @return Proposal|string why there is none */
    private function propose(ActionGroup $unit): Proposal|string
    {
        $seat = $this->whereKnown($unit) ?? $this->besidePartner($unit) ?? (
            $unit->first()->isAxis() ? $this->freeAxis($unit) : $this->freeContacts($unit)
        );
        if ($seat === null) {
            return match (true) {
                $unit->first()->isAxis() => 'no axis that suits it is free',
                $unit->isPair() => 'no two contacts beside each other are free',
                default => 'no contact is free',
            };
        }
        [$spots, $why] = $seat;
        $choices = [];
        foreach ($unit->actions as $i => $action) {
            $way = $this->way($action, $spots[$i]->ref);
            if ($way === null) {
                return $action->isAxis()
                    ? 'the game sees no axis that is free'
                    : 'no output, key or variable is left to reach it by';
            }
            $choices[] = new PlannedCell(
                $action,
                $spots[$i],
                $action->isAxis() ? null : $this->behaviour($action, $spots[$i]->ref, $way),
                $way,
            );
        }
        array_map($this->seats->take(...), $spots);

        return new Proposal($choices, $why);
    }

    /** @return ?array{list<Slot>, string} where the same role is elsewhere, if there is room for it here */
    private function whereKnown(ActionGroup $unit): ?array
    {
        $places = array_map(fn (Action $action) => $this->known[$action->role] ?? [], $unit->actions);
        foreach ($places[0] as $i => $first) {
            $spots = [];
            foreach ($unit->actions as $n => $action) {
                $spot = $places[$n][$i] ?? null;
                $layer = $spot === null ? '' : (isset($this->set->layers[$spot->layer]) ? $spot->layer : Layer::BASE);
                if (
                    $spot === null || ! $this->suits($action, $spot->ref)
                        || ! $this->seats->isFree($layer, $spot->ref)
                        || $this->isRefused($unit, $spot->ref)
                ) {
                    continue 2;
                }
                $spots[] = new Slot($layer, $spot->ref);
            }

            return [$spots, 'the same job is there in '.$this->where];
        }

        return null;
    }

    private function suits(Action $action, string $ref): bool
    {
        if ($action->isAxis()) {
            return isset($this->set->rig->axes[$ref]);
        }

        // A switch that stays where it is put falls out of step with what the game only flips.
        return isset($this->set->rig->contacts[$ref]) && (
            $action->effect->kind !== EffectKind::Flip || $action->byVariable || ! $this->latches($ref)
        );
    }

    /** @return ?array{list<Slot>, string} */
    private function besidePartner(ActionGroup $unit): ?array
    {
        $partner = count($unit->actions) === 1 ? $this->pairs->partnerOf($unit->first()) : null;
        if ($partner === null) {
            return null;
        }
        foreach ($this->reach->spots($partner->id) as $spot) {
            foreach (
                isset($this->set->rig->contacts[$spot->ref])
                    ? $this->seats->beside($spot->layer, $spot->ref)
                    : [] as $ref
            ) {
                if (! $this->isRefused($unit, $ref)) {
                    return [[new Slot($spot->layer, $ref)], $partner->name.' is on the other side of it'];
                }
            }
        }

        return null;
    }

    /** @return ?array{list<Slot>, string} */
    private function freeAxis(ActionGroup $unit): ?array
    {
        $variable = $this->catalogue->variables[$unit->first()->effect->variable];
        $centred = $variable->low < 0.0 && $variable->high > 0.0;
        foreach ($unit->kinds() as $kind) {
            foreach ($this->seats->axes($kind, Layer::BASE, $centred) as $ref) {
                if (! $this->isRefused($unit, $ref)) {
                    return [
                        [new Slot(Layer::BASE, $ref)],
                        'a free '.$kind->inWords().($centred ? ' that rests in its middle' : ''),
                    ];
                }
            }
        }

        return null;
    }

    /** @return ?array{list<Slot>, string} */
    private function freeContacts(ActionGroup $unit): ?array
    {
        $count = count($unit->actions);
        foreach ($this->layersFor($unit) as $layer) {
            foreach ($unit->kinds() as $kind) {
                foreach ($this->seats->contacts($kind, $layer, $count) as $refs) {
                    if (! $this->isRefused($unit, $refs[0])) {
                        return [
                            array_map(fn (string $ref) => new Slot($layer, $ref), $refs),
                            $kind->why($unit->wish() ?? Wish::Press),
                        ];
                    }
                }
            }
            foreach ($count === 1 ? [] : $this->seats->neighbours($layer, $count) as $refs) {
                if (! $this->isRefused($unit, $refs[0])) {
                    return [
                        array_map(fn (string $ref) => new Slot($layer, $ref), $refs),
                        $count === 2 ? 'two buttons beside each other, one each way' : $count.' buttons in a row',
                    ];
                }
            }
        }

        return null;
    }

    /** @return list<string> the layer of its other half first, then the base layer and the others */
    private function layersFor(ActionGroup $unit): array
    {
        $partner = count($unit->actions) === 1 ? $this->pairs->partnerOf($unit->first()) : null;
        $there = $partner === null ? [] : array_map(fn (Slot $spot) => $spot->layer, $this->reach->spots($partner->id));

        return array_values(array_unique([...array_intersect($there, $this->seats->layers), ...$this->seats->layers]));
    }

    private function isRefused(ActionGroup $unit, string $ref): bool
    {
        return in_array($ref, $this->wishes->refused[$unit->first()->id] ?? [], true);
    }

    private function way(Action $action, string $ref): ?ChosenWay
    {
        return $this->ways->for(
            $action,
            $this->set->rig->controlOf($ref)?->kind->isOnOff() ?? false,
            $this->wishes->isByKey($action->id),
        );
    }

    private function latches(string $ref): bool
    {
        return $this->set->rig->latches($ref);
    }

    /** Is it a tile that locks on, so that what would be held stays on until the next touch? */
    private function locksOn(string $ref): bool
    {
        [$device, $tile] = explode('/', $ref, 2);

        return ($this->set->rig->devices[$device] ?? null)?->panel?->tile($tile)?->kind === TileKind::LocksOn;
    }

    private function behaviour(Action $action, string $ref, ChosenWay $way): Behaviour
    {
        if (($this->set->rig->contacts[$ref] ?? null)?->isTick() === true) {
            return Ticks::usual();
        }
        if ($action->effect->kind === EffectKind::Hold && $this->locksOn($ref)) {
            return new Toggle;
        }
        if ($way->way instanceof KeepsInStep || $action->effect->kind === EffectKind::Hold) {
            return Follow::always();
        }

        // A pulse that is shorter than two looks of the game could fall between them.
        return Pulse::on('press', max(Pulse::WIDTH_MS, ceil(2 * $this->catalogue->frame / 1000)));
    }
}
