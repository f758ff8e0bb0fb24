<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Side;
use Nailrod\Core\Axis\Stop;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\AxisOutput;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\HoldLayer;
use Nailrod\Core\Output\OpenStop;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** A merged set read against the rig and the simulator: all of it typed, and free of contradictions. */
final readonly class BindingSet
{
    /**
     * @param array<string, Layer>               $layers   by id, the base layer first
     * @param array<string, Shaping>             $shapings by reference, for every axis of the rig
     * @param array<string, Stop>                $stops    by id, in file order
     * @param array<string, array<string, Cell>> $cells    by layer, then by reference
     * @param array<string, Output>              $ways     by action
     * @param list<string>                       $missing  references of the set that the rig does not have
     */
    private function __construct(
        public MergedDocument $merged,
        public Rig $rig,
        public ?Catalogue $catalogue,
        public array $layers,
        public array $shapings,
        public array $stops,
        public array $cells,
        public array $ways,
        public array $missing,
    ) {}

    /** @throws FormatError with the path of the part that does not fit */
    public static function of(MergedDocument $merged, Rig $rig, ?Catalogue $catalogue): self
    {
        $missing = [];
        $shapings = self::shapings($merged, $rig, $missing);
        $layers = self::layers($merged);
        $stops = self::stops($merged, $rig, $missing);
        $ways = [];
        foreach ($merged->section('ways') as $part) {
            $ways[$part->path->key] = Outputs::read(self::node($part));
        }
        $set = new self($merged, $rig, $catalogue, $layers, $shapings, $stops, [], $ways, $missing);

        return $set->withCells($missing);
    }

    /** The way by which an action is reached: what the set says, else the simulator's own key. */
    public function wayOf(string $action): ?Output
    {
        return $this->ways[$action] ?? $this->catalogue?->action($action)?->key;
    }

    public function cell(string $layer, string $ref): ?Cell
    {
        return $this->cells[$layer][$ref] ?? null;
    }

    /** @return array<string, Stop> the stops that act on an axis, in file order */
    public function stopsOf(string $axis): array
    {
        return array_filter($this->stops, fn (Stop $stop) => in_array($axis, $stop->axes, true));
    }

    /** @return list<string> references of the contacts that open a stop, in any layer */
    public function openersOf(string $stop): array
    {
        return $this->contactsWith(fn (Output $output) => $output instanceof OpenStop && $output->stop === $stop);
    }

    /** @return list<string> references of the contacts that hold a layer, in any layer */
    public function holdersOf(string $layer): array
    {
        return $this->contactsWith(fn (Output $output) => $output instanceof HoldLayer && $output->layer === $layer);
    }

    /**
     * @param callable(Output): bool $wanted
     *
     * @return list<string>
     */
    private function contactsWith(callable $wanted): array
    {
        $found = [];
        foreach ($this->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                if (array_filter($cell->outputs, $wanted) !== []) {
                    $found[$ref] = $ref;
                }
            }
        }

        return array_values($found);
    }

    /** @param list<string> $missing */
    private function withCells(array $missing): self
    {
        $cells = [];
        foreach ($this->merged->section('cells') as $part) {
            $layer = $part->path->key;
            $ref = (string) $part->path->inner;
            $node = self::node($part);
            if (! isset($this->layers[$layer])) {
                throw FormatError::at('cells.'.$layer, $layer, 'a layer of the set: '.implode(', ', array_keys($this->layers)));
            }
            if (! $this->rig->has($ref)) {
                $missing[] = $ref;

                continue;
            }
            $cell = Cell::read($node);
            $this->checkCell($cell, $node, isset($this->rig->axes[$ref]));
            $cells[$layer][$ref] = $cell;
        }

        return new self($this->merged, $this->rig, $this->catalogue, $this->layers, $this->shapings, $this->stops, $cells, $this->ways, array_values(array_unique($missing)));
    }

    private function checkCell(Cell $cell, Node $node, bool $isAxis): void
    {
        if ($cell->isNothing()) {
            return;
        }
        if ($isAxis && ($cell->behaviour !== null || count($cell->outputs) !== 1)) {
            throw $node->refuse('one output and no behaviour, since this is an axis');
        }
        if (! $isAxis && $cell->behaviour === null) {
            throw FormatError::missing($node->path, 'behaviour');
        }
        foreach ($cell->outputs as $i => $output) {
            $place = $node->get('outputs')->list()[$i];
            if ($output instanceof ActionOutput) {
                $this->checkAction($output, $place, $isAxis, $cell);
            } elseif ($isAxis !== $output instanceof AxisOutput) {
                throw $place->refuse($isAxis ? 'an output that an axis can drive' : 'an output that a contact can drive');
            }
            if ($output instanceof HoldLayer && (! isset($this->layers[$output->layer]) || $output->layer === Layer::BASE)) {
                throw $place->get('layer')->refuse('a layer of the set other than the base layer');
            }
            if ($output instanceof OpenStop && ! isset($this->stops[$output->stop])) {
                throw $place->get('stop')->refuse($this->stops === [] ? 'a stop of the set (it has none)' : 'a stop of the set: '.implode(', ', array_keys($this->stops)));
            }
        }
    }

    private function checkAction(ActionOutput $output, Node $place, bool $isAxis, Cell $cell): void
    {
        if ($this->catalogue !== null && $this->catalogue->action($output->action) === null) {
            throw $place->get('action')->refuse('an action of '.$this->catalogue->name);
        }
        $way = $this->wayOf($output->action);
        if ($way === null) {
            return;
        }
        if ($isAxis !== $way instanceof AxisOutput) {
            throw $place->get('action')->refuse('an action that '.($isAxis ? 'an axis' : 'a contact').' can drive ('.$output->action.' is reached by '.$way->inWords().')');
        }
        $refusal = $way instanceof ContactOutput ? $cell->behaviour?->refuses($way) : null;
        if ($refusal !== null) {
            throw $place->refuse($refusal);
        }
    }

    /**
     * @param list<string> $missing
     *
     * @return array<string, Shaping>
     */
    private static function shapings(MergedDocument $merged, Rig $rig, array &$missing): array
    {
        $parts = [];
        foreach ($merged->section('axes') as $part) {
            if (! isset($rig->axes[$part->path->key])) {
                $missing[] = $part->path->key;

                continue;
            }
            $parts[$part->path->key][(string) $part->path->inner] = self::node($part);
        }
        $shapings = [];
        foreach ($rig->axes as $ref => $axis) {
            $shapings[$ref] = Shaping::read($axis, $parts[$ref] ?? []);
        }

        return $shapings;
    }

    /** @return array<string, Layer> */
    private static function layers(MergedDocument $merged): array
    {
        $layers = [Layer::BASE => new Layer(Layer::BASE, 'Base')];
        foreach ($merged->section('layers') as $part) {
            $layers[$part->path->key] = Layer::read($part->path->key, self::node($part));
        }

        return $layers;
    }

    /**
     * @param list<string> $missing
     *
     * @return array<string, Stop>
     */
    private static function stops(MergedDocument $merged, Rig $rig, array &$missing): array
    {
        $stops = $aboves = $belows = [];
        foreach ($merged->section('stops') as $part) {
            $node = self::node($part);
            $stop = Stop::read($part->path->key, $node);
            foreach ($stop->axes as $axis) {
                if (! isset($rig->axes[$axis])) {
                    $missing[] = $axis;
                }
                if ($stop->side === Side::Above) {
                    $aboves[$axis] = min($aboves[$axis] ?? 1.0, $stop->at);
                } else {
                    $belows[$axis] = max($belows[$axis] ?? 0.0, $stop->at);
                }
                if (isset($aboves[$axis], $belows[$axis]) && $belows[$axis] > $aboves[$axis]) {
                    throw $node->get('at')->refuse('a place that leaves room on '.$axis.': a stop from below may not lie over one from above');
                }
            }
            $stops[$part->path->key] = $stop;
        }

        return $stops;
    }

    private static function node(PartValue $part): Node
    {
        return Node::of($part->value, $part->path->section.'.'.$part->path->key.($part->path->inner === null ? '' : '.'.$part->path->inner));
    }
}
