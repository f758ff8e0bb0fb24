<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Mapping\Output\LetsGoOfAll;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Chord;
use Nailrod\Core\Set\Words;

/** Gathers what a device does not keep: a sentence for each, and what it changes all the same. */
final class Dropped
{
    /** @var list<string> a sentence for each thing that is done by Nailrod while it runs */
    public array $said = [];

    /** @var list<string> a sentence for each action without a way, which is left to the game */
    public array $toGame = [];

    /** @var array<string, true> macros that were looked at, by id */
    private array $macros = [];

    public function __construct(private readonly BindingSet $set, public Unkept $unkept) {}

    public function say(string $what, string $why): void
    {
        $this->said[] = $what.': '.$why;
    }

    /** An output that has no way leaves nothing that could be kept. */
    public function toGame(string $what, Output $output): void
    {
        $this->toGame[] = $what.': '.(new Words($this->set))->output($output).' has no way; bind it in the game';
    }

    /** What a contact does in a layer is not kept at all. */
    public function cell(string $ref, Cell $cell): void
    {
        $who = $this->set->rig->nameOf($ref);
        foreach ($cell->either() as $one) {
            if ($one->behaviour instanceof PlaysItsMacro) {
                $this->macro($who, $one->behaviour->macro());
            }
            foreach ($one->outputs as $output) {
                $this->output($who, $output);
            }
        }
        foreach ($cell->as === null ? [] : $this->set->cells as $cells) {
            $this->shared($who, (string) $cell->as, $cells[$cell->as] ?? null);
        }
    }

    /** A press of the one is a press of the other: what only follows shares nothing but its outputs. */
    private function shared(string $who, string $ref, ?Cell $cell): void
    {
        foreach ($cell?->either() ?? [] as $one) {
            foreach ($one->behaviour instanceof Follows ? $one->outputs : [] as $output) {
                $this->output($who, $output);
            }
            if (! $one->behaviour instanceof Follows) {
                $this->unkept = $this->unkept->ref($ref, $who.' does as it does, which the device does not keep');
            }
        }
    }

    /** A chord is not kept: the presses of its contacts come late, or not at all. */
    public function chord(Chord $chord): void
    {
        foreach ($chord->of as $ref) {
            $this->unkept = $this->unkept->ref($ref, 'its chord '.$chord->name.' is not kept');
        }
        foreach ($chord->outputs as $output) {
            $this->output($chord->name, $output);
        }
    }

    /** @param string $who what does it */
    public function output(string $who, Output $output): void
    {
        $way = $this->set->leaving($output);
        foreach ($way instanceof NamesPart ? $way->names() : [] as [$sort, $id]) {
            if ($sort === NamesPart::MACRO) {
                $this->macro($who, $id);
            } elseif ($sort !== NamesPart::LAYER) {
                $this->unkept = $this->unkept->part($sort, $id, $who);
            }
        }
        if ($way instanceof LeadsToLayer) {
            $this->unkept = $this->unkept->layers($who);
        }
        if ($way instanceof LetsGoOfAll) {
            $this->unkept = $this->unkept->all($who);
        }
    }

    private function macro(string $who, string $id): void
    {
        $this->unkept = $this->unkept->part(NamesPart::MACRO, $id, $who);
        if (isset($this->macros[$id])) {
            return;
        }
        $this->macros[$id] = true;
        foreach ($this->set->macros[$id]->steps ?? [] as $step) {
            if ($step->output !== null) {
                $this->output($who, $step->output);
            }
        }
    }
}
