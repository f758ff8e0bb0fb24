<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Action\Action;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Side;
use Nailrod\Core\Axis\Stop;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Device\Rig;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Lamp\LampRule;
use Nailrod\Core\Lamp\LampRules;
use Nailrod\Core\Layer\Layer;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Made\BuildsAxes;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Made\MadeDevice;
use Nailrod\Core\Made\MadeKinds;
use Nailrod\Core\Output\MeansAction;
use Nailrod\Core\Output\OpensStop;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Typing\KeyLayout;

/** A merged set read against the rig and the simulator: all of it typed, and free of contradictions. */
final readonly class BindingSet
{
    /**
     * @param array<string, Layer>               $layers   by id, the base layer first
     * @param array<string, Shaping>             $shapings by reference, for every axis of the rig
     * @param array<string, Made>                $made     what is made from axes, by id, in file order
     * @param array<string, Stop>                $stops    by id, in file order
     * @param array<string, string>              $flags    names by id
     * @param array<string, Macro>               $macros   by id
     * @param array<string, array<string, Chord>> $chords  by layer, then by id
     * @param array<string, array<string, Cell>> $cells    by layer, then by reference
     * @param array<string, Output>              $ways     by action
     * @param list<string>                       $missing  references of the set that the rig does not have
     * @param array<string, KeyLayout>           $layouts  those that macros are typed for, by id
     * @param array<string, LampRule>            $lamps    what lights lamps, by id, in file order
     */
    private function __construct(
        public MergedDocument $merged,
        public Rig $rig,
        public ?Catalogue $catalogue,
        public array $layers,
        public array $shapings,
        public array $made,
        public array $stops,
        public array $flags,
        public array $macros,
        public array $chords,
        public array $cells,
        public array $ways,
        public array $missing,
        public array $layouts,
        public array $lamps,
    ) {}

    /**
     * @param list<string>             $missing references that are known to be missing already
     * @param array<string, KeyLayout> $layouts those that macros are typed for, by id
     * @param ?self                    $before  another state of the set: cells that have not changed since are not read again
     *
     * @throws FormatError with the path of the part that does not fit
     */
    public static function of(MergedDocument $merged, Rig $rig, ?Catalogue $catalogue, array $missing = [], array $layouts = [], ?self $before = null): self
    {
        $parts = self::shapingParts($merged);
        $shapings = self::shapings($parts, $rig->axes);
        $made = self::made($merged, $shapings, $parts, $missing);
        $rig = $rig->with(MadeDevice::of($made));
        array_push($missing, ...array_map(strval(...), array_keys(array_diff_key($parts, $rig->axes))));
        $layers = self::layers($merged);
        $stops = self::stops($merged, $rig, $missing);
        $ways = [];
        foreach ($merged->section('ways') as $part) {
            $ways[$part->path->key] = Outputs::read(self::node($part));
        }
        $flags = $macros = [];
        foreach ($merged->section('flags') as $part) {
            $flags[$part->path->key] = self::node($part)->get('name')->string(60);
        }
        foreach ($merged->section('macros') as $part) {
            $macros[$part->path->key] = Macro::read($part->path->key, self::node($part));
        }
        $lamps = [];
        foreach ($merged->section('lamps') as $part) {
            $lamps[$part->path->key] = LampRules::read(self::node($part));
        }
        $set = new self($merged, $rig, $catalogue, $layers, $shapings, $made, $stops, $flags, $macros, [], [], $ways, $missing, $layouts, $lamps);

        return $set->withCells($missing, $before !== null && $before->isLike($set) ? $before : null);
    }

    /** Is all the same but cells, chords and lamps, so that a cell that fits the one fits the other? */
    private function isLike(self $other): bool
    {
        foreach (array_diff(Sections::names(), ['cells', 'chords', 'lamps']) as $section) {
            foreach ($this->merged->chain as $i => $document) {
                if (! isset($other->merged->chain[$i]) || $document->said($section) !== $other->merged->chain[$i]->said($section)) {
                    return false;
                }
            }
        }

        return count($this->merged->chain) === count($other->merged->chain) && $this->merged->devices === $other->merged->devices && $this->rig == $other->rig && $this->catalogue == $other->catalogue;
    }

    /** The way by which an action is reached: what the set says, else the simulator's own key. */
    public function wayOf(string $action): ?Output
    {
        return $this->ways[$action] ?? $this->catalogue?->action($action)?->key;
    }

    /** What an output is when it leaves: the way of an action, else itself; null if there is none, or its action has no way yet. */
    public function leaving(?Output $output): ?Output
    {
        return $output instanceof MeansAction ? $this->wayOf($output->action()) : $output;
    }

    /** The action that an output stands for; null if it is none of the simulator's. */
    public function actionOf(?Output $output): ?Action
    {
        return $output instanceof MeansAction ? $this->catalogue?->action($output->action()) : null;
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
        return $this->contactsWith(fn (Output $output) => $output instanceof OpensStop && $output->stop() === $stop);
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
    private function withCells(array $missing, ?self $before): self
    {
        $fit = new Fit($this);
        foreach (Keys::each($this->ways) as $action => $way) {
            $fit->named($way, Node::of($way->toArray(), 'ways.'.$action));
        }
        $cells = $same = [];
        foreach (Keys::each($this->merged->groups('cells')) as $layer => $values) {
            if (! isset($this->layers[$layer])) {
                $this->mustBeGone('cells', (string) $layer);

                continue;
            }
            if ($before !== null && $before->missing === [] && $this->merged->saysAlike($before->merged, 'cells', (string) $layer)) {
                $cells[$layer] = $before->cells[$layer] ?? [];

                continue;
            }
            foreach ($values as $ref => $value) {
                if (! $this->rig->has((string) $ref)) {
                    $missing[] = (string) $ref;

                    continue;
                }
                $known = $before?->cell((string) $layer, (string) $ref);
                if ($known !== null && $before->merged->value(PartPath::cell((string) $layer, (string) $ref)) === $value) {
                    $cells[$layer][$ref] = $known;

                    continue;
                }
                $node = Node::of($value, 'cells.'.$layer.'.'.$ref);
                // Cells that say the same are one.
                $cell = $same[serialize($value)] ??= Cell::read($node);
                $fit->cell($cell, $node, (string) $ref);
                $cells[$layer][$ref] = $cell;
            }
        }

        foreach (Keys::each($this->macros) as $id => $macro) {
            $fit->macro($macro, Node::of($this->merged->value(PartPath::macro($id)), 'macros.'.$id));
        }
        $chords = $this->chords($fit, $missing);

        return new self($this->merged, $this->rig, $this->catalogue, $this->layers, $this->shapings, $this->made, $this->stops, $this->flags, $this->macros, $chords, $cells, $this->ways, array_values(array_unique($missing)), $this->layouts, $this->fittingLamps($fit));
    }

    /** What a parent says in a layer that was taken away is not heard; a layer that nobody ever said is an error. */
    private function mustBeGone(string $section, string $layer): void
    {
        if (! $this->merged->isTakenAway(PartPath::layer($layer))) {
            throw FormatError::at($section.'.'.$layer, $layer, 'a layer of the set: '.implode(', ', Keys::of($this->layers)));
        }
    }

    /** @return array<string, LampRule> those of which the rig has everything */
    private function fittingLamps(Fit $fit): array
    {
        $fitting = [];
        foreach (Keys::each($this->lamps) as $id => $rule) {
            if ($fit->lamps($rule, Node::of($this->merged->value(PartPath::lamp($id)), 'lamps.'.$id))) {
                $fitting[$id] = $rule;
            }
        }

        return $fitting;
    }

    /**
     * @param list<string> $missing
     *
     * @return array<string, array<string, Chord>>
     */
    private function chords(Fit $fit, array &$missing): array
    {
        $chords = $byFirst = $byMember = [];
        foreach ($this->merged->section('chords') as $part) {
            $layer = $part->path->key;
            $node = self::node($part);
            if (! isset($this->layers[$layer])) {
                $this->mustBeGone('chords', $layer);

                continue;
            }
            $chord = Chord::read($node);
            $gone = array_values(array_filter($chord->of, fn (string $ref) => ! isset($this->rig->contacts[$ref]) || $this->rig->contacts[$ref]->encoder !== null));
            if ($gone !== []) {
                array_push($missing, ...$gone);

                continue;
            }
            // One that contains another shares all of its contacts with it, its first one too.
            $containing = $byMember[$layer][$chord->of[0]] ?? [];
            $contained = array_map(fn (string $ref) => $byFirst[$layer][$ref] ?? [], $chord->of);
            foreach (array_merge($containing, ...$contained) as $other) {
                if ($chord->contains($other) || $other->contains($chord)) {
                    throw $node->get('of')->refuse('contacts that do not contain, and are not contained in, those of '.$other->name);
                }
            }
            $fit->chord($chord, $node);
            $chords[$layer][(string) $part->path->inner] = $byFirst[$layer][$chord->of[0]][] = $chord;
            foreach ($chord->of as $ref) {
                $byMember[$layer][$ref][] = $chord;
            }
        }

        return $chords;
    }

    /** @return array<string, array<string, Node>> what the set says of axes, by reference and part */
    private static function shapingParts(MergedDocument $merged): array
    {
        $parts = [];
        foreach ($merged->section('axes') as $part) {
            $parts[$part->path->key][(string) $part->path->inner] = self::node($part);
        }

        return $parts;
    }

    /**
     * @param array<string, array<string, Node>> $parts
     * @param array<string, AxisInput>           $axes
     *
     * @return array<string, Shaping>
     */
    private static function shapings(array $parts, array $axes): array
    {
        $shapings = [];
        foreach ($axes as $ref => $axis) {
            $shapings[$ref] = Shaping::read($axis, $parts[$ref] ?? []);
        }

        return $shapings;
    }

    /**
     * What is made from axes; built axes come first, since contacts may be made from them too.
     *
     * @param array<string, Shaping>             $shapings gets those of the built axes
     * @param array<string, array<string, Node>> $parts
     * @param list<string>                       $missing
     *
     * @return array<string, Made> in file order
     */
    private static function made(MergedDocument $merged, array &$shapings, array $parts, array &$missing): array
    {
        $devices = $shapings;
        $all = [];
        foreach ($merged->section('made') as $part) {
            $all[$part->path->key] = [MadeKinds::read(self::node($part), $part->path->key), self::node($part)];
        }
        $made = [];
        foreach ([true, false] as $isBuilt) {
            foreach (Keys::each($all) as $id => [$one, $node]) {
                if ($one instanceof BuildsAxes !== $isBuilt) {
                    continue;
                }
                if ($isBuilt && array_filter($one->sources(), fn (string $ref) => str_starts_with($ref, Made::DEVICE.'/')) !== []) {
                    throw $node->get('of')->refuse('axes of devices, since one that is built cannot be built from again');
                }
                $sources = array_intersect_key($isBuilt ? $devices : $shapings, array_flip($one->sources()));
                if (count($sources) < count($one->sources())) {
                    array_push($missing, ...array_diff($one->sources(), array_keys($sources)));

                    continue;
                }
                $sources = array_map(fn (string $ref) => $sources[$ref], $one->sources());
                $refusal = $one->refuses($sources);
                if ($refusal !== null) {
                    throw $node->get('of')->refuse($refusal);
                }
                $made[$id] = $one instanceof BuildsAxes ? $one->over($sources) : $one;
                foreach ($made[$id]->axes() as $axis) {
                    $shapings[$axis->ref] = Shaping::read($axis, $parts[$axis->ref] ?? []);
                }
            }
        }

        $inOrder = [];
        foreach (Keys::of(array_intersect_key($all, $made)) as $id) {
            $inOrder[$id] = $made[$id];
        }

        return $inOrder;
    }

    /** @return array<string, Layer> */
    private static function layers(MergedDocument $merged): array
    {
        $layers = [];
        foreach ($merged->section('layers') as $part) {
            $layers[$part->path->key] = Layer::read($part->path->key, self::node($part));
        }
        $base = [Layer::BASE => $layers[Layer::BASE] ?? Layer::base()];
        uasort($layers, fn (Layer $a, Layer $b) => $a->place <=> $b->place);

        return $base + $layers;
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
                    throw $node->get('at')->refuse('a place that leaves room on '.$rig->nameOf($axis).': a stop from below may not lie over one from above');
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
