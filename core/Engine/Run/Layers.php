<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\State\LayersState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Which layer is live, and what it says. Exactly one is live: the top of the held ones, else the settled one. */
final class Layers
{
    public const BASE = 0;

    private readonly LayersState $own;

    /** Is a layer that was left just letting go of what was toggled in it? What goes live meanwhile is told after. */
    private bool $isLetting = false;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->layers;
    }

    public function live(): int
    {
        $held = $this->own->held;

        return $held === [] ? $this->own->settled : $held[count($held) - 1][0];
    }

    /** Id of the settled layer. */
    public function settled(): string
    {
        return $this->run->program->tables->layers[$this->own->settled]->id;
    }

    public function settle(string $layer, Cause $cause): void
    {
        $this->own->settled = max(0, $this->run->program->layerIndex($layer));
        $this->changed($cause);
    }

    /** A source that holds a layer already is pressed anew: its layer comes on top. */
    public function push(string $layer, string $source, Cause $cause): void
    {
        $this->own->held = [...$this->without($source), [$this->run->program->layerIndex($layer), $source]];
        $this->changed($cause);
    }

    public function remove(string $source, Cause $cause): void
    {
        $this->own->held = $this->without($source);
        $this->changed($cause);
    }

    /** @return list<array{int, string}> the held layers but that of a source */
    private function without(string $source): array
    {
        return array_values(array_filter($this->own->held, fn (array $entry) => $entry[1] !== $source));
    }

    /** The assignment that a press of the contact is bound to now: the live layer's word, else the base layer's. */
    public function assignmentOf(int $contact): int
    {
        $tables = $this->run->program->tables;
        $cells = $tables->cells;
        $live = $this->live();
        if ($tables->chords !== [] && $this->run->chords->hidesBase($contact, $live)) {
            return Program::NOTHING;
        }

        return $cells[$live][$contact] ?? $cells[self::BASE][$contact] ?? Program::NOTHING;
    }

    public function axisAssignmentOf(int $axis): int
    {
        $cells = $this->run->program->tables->axisCells;

        return $cells[$this->live()][$axis] ?? $cells[self::BASE][$axis] ?? Program::NOTHING;
    }

    /**
     * What the layer lets go of comes before its row, a held layer among it too; what is live is looked at again when
     * the row is written.
     */
    private function changed(Cause $cause): void
    {
        $left = $this->own->told;
        if ($this->isLetting || $this->live() === $left) {
            return;
        }
        if ($this->run->program->tables->layers[$left]->letsGo) {
            $this->isLetting = true;
            $this->run->lettingGo->ofLayer($left, $cause);
            $this->isLetting = false;
        }
        $live = $this->live();
        if ($live === $this->own->told) {
            return;
        }
        $this->own->told = $live;
        $this->run->emit(OutputEvent::LAYER, 'live', $this->run->program->tables->layers[$live]->name, $cause);
        $this->run->axes->reroute($cause->then(StepKind::GoesLive, $this->run->program->tables->layers[$live]->id));
    }
}
