<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Advice\Plan\PlanEdits;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Advice\Plan\WayChoice;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\Slot;
use Nailrod\Core\Set\Words;

/** What checks look at: a set and its game, with what several of them need. */
final class Desk
{
    public readonly Edits $edits;

    public readonly Words $words;

    private ?Reach $reach = null;

    private ?Pairs $pairs = null;

    /** As it is played: what is set aside does nothing, and is told of by nobody. */
    public readonly BindingSet $set;

    /** @param BindingSet $kept with what is set aside, whose place nothing else takes */
    public function __construct(public readonly BindingSet $kept, public readonly Catalogue $catalogue)
    {
        $this->set = Played::of($kept);
        $this->edits = new Edits($kept);
        $this->words = new Words($kept);
    }

    /** What reaches which action; worked out once. */
    public function reach(): Reach
    {
        return $this->reach ??= Reach::of($this->set);
    }

    public function pairs(): Pairs
    {
        return $this->pairs ??= new Pairs($this->catalogue);
    }

    /** "Switch 1 up in Cruise" */
    public function at(Slot $spot): string
    {
        return $this->set->rig->nameOf($spot->ref).' in '.($this->set->layers[$spot->layer]->name ?? $spot->layer);
    }

    /** What an output of a cell is when it leaves: the way of an action, else itself; null if the action has no way. */
    public function leaving(Output $output): ?Output
    {
        return $this->set->leaving($output);
    }

    /**
     * Every output of a cell, with where it is.
     *
     * @return \Generator<array{Slot, Output}>
     */
    public function outputs(): \Generator
    {
        foreach ($this->assignments() as [$spot, $cell]) {
            foreach ($cell->outputs as $output) {
                yield [$spot, $output];
            }
        }
    }

    /**
     * Every assignment of a cell, also what it does otherwise: where it is, what it does, how it is edited, and the key
     * of a finding about it.
     *
     * @return \Generator<array{Slot, Cell, Edits, string}>
     */
    public function assignments(): \Generator
    {
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                $spot = new Slot($layer, $ref);
                foreach ($cell->either() as $i => $one) {
                    yield [
                        $spot,
                        $one,
                        $i === 0 ? $this->edits : $this->edits->otherwise(),
                        $spot.($i === 0 ? '' : ' otherwise'),
                    ];
                }
            }
        }
    }

    /** Are both of these there while one layer is live? */
    public function liveTogether(Slot $one, Slot $other): bool
    {
        if ($one->layer === $other->layer) {
            return true;
        }
        foreach ([[$one, $other], [$other, $one]] as [$base, $over]) {
            if ($base->layer === Layer::BASE && $this->set->cell($over->layer, $base->ref) === null) {
                return true;
            }
        }

        return false;
    }

    public function controlOf(Slot $spot): string
    {
        return $this->set->rig->controlOf($spot->ref)->ref ?? $spot->ref;
    }

    /** Another way for an action, which the game takes; null if there is none. */
    public function otherWay(Action $action): ?QuickFix
    {
        $chosen = (new WayChoice($this->kept, $this->catalogue))->for($action);
        $said = $this->set->ways[$action->id] ?? null;
        if ($chosen === null || $chosen->way == $said) {
            return null;
        }

        return new QuickFix(
            'Reach it by '.$this->words->output($chosen->way),
            fn () => $this->set->merged->own->with(PartPath::way($action->id), $chosen->way->toArray()),
        );
    }

    /** A place for an action that is not reached; null if there is none. */
    public function place(Action $action): ?QuickFix
    {
        $proposals = (new Planner($this->kept, $this->catalogue))->plan([$action->id])->proposals;
        if ($proposals === []) {
            return null;
        }
        $places = array_map(
            fn ($choice) => $this->set->rig->deviceNameOf($choice->spot->ref).' '.$this->at($choice->spot),
            $proposals[0]->choices,
        );

        return new QuickFix(
            'Put it on '.implode(' and ', $places),
            fn () => (new PlanEdits($this->kept))->take($proposals),
        );
    }
}
