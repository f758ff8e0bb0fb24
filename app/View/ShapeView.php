<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Axis\DeadZones;
use Nailrod\Core\Axis\Expo;
use Nailrod\Core\Axis\Range;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Stop;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\PartPath;

/** The Shape place: one axis of the rig, its stages, and the stops on it. */
final readonly class ShapeView
{
    public ?AxisInput $axis;

    public ?Shaping $shaping;

    public DeadZones $zones;

    public Expo $expo;

    public Range $range;

    /** @var array<string, Stop> */
    public array $stops;

    public function __construct(public Place $place, string $ref)
    {
        $set = $place->set;
        $this->axis = $set->rig->axes[$ref] ?? (array_values($set->rig->axes)[0] ?? null);
        $this->shaping = $this->axis === null ? null : $set->shapings[$this->axis->ref];
        $this->zones = $this->stage(DeadZones::class) ?? DeadZones::none(false);
        $this->expo = $this->stage(Expo::class) ?? Expo::of(0.0, false);
        $this->range = $this->stage(Range::class) ?? Range::whole();
        $this->stops = $this->axis === null ? [] : $set->stopsOf($this->axis->ref);
    }

    /** @return array<string, array{ref: string, name: string, line: string}> every axis, by device name and reference */
    public function axes(): array
    {
        $axes = [];
        foreach ($this->place->set->shapings as $ref => $shaping) {
            $axes[$ref] = ['ref' => $ref, 'name' => $this->place->set->rig->nameOf($ref), 'line' => Plot::small()->line($shaping)];
        }

        return $axes;
    }

    /** The same axis as the parent set shapes it, where that differs. */
    public function parentLine(Plot $plot): ?string
    {
        $chain = $this->place->set->merged->chain;
        if ($this->axis === null || count($chain) < 2) {
            return null;
        }
        $parts = [];
        foreach (array_slice($chain, 0, -1) as $document) {
            foreach (Shaping::PARTS as $part) {
                $said = $document->parts()[(string) PartPath::axis($this->axis->ref, $part)] ?? null;
                if ($said !== null) {
                    $parts[$part] = Node::of($said->value);
                }
            }
        }
        $line = $plot->line(Shaping::read($this->axis, $parts));

        return $this->shaping !== null && $line === $plot->line($this->shaping) ? null : $line;
    }

    public function originOf(string $part): ?Origin
    {
        return $this->axis === null ? null : $this->place->originOf(PartPath::axis($this->axis->ref, $part));
    }

    /** @return array<string, string> every contact of the rig, with what it does in the base layer, by reference */
    public function openers(): array
    {
        $set = $this->place->set;
        $openers = [];
        foreach (array_keys($set->rig->contacts) as $ref) {
            $does = $this->place->words->cell($set->cell('base', $ref));
            $openers[$ref] = $set->rig->deviceNameOf($ref).' · '.$set->rig->nameOf($ref).($does === '' ? '' : ' (now: '.$does.')');
        }

        return $openers;
    }

    public function openerOf(Stop $stop): string
    {
        return $this->place->set->openersOf($stop->id)[0] ?? '';
    }

    public function sentenceOf(Stop $stop): string
    {
        $rig = $this->place->set->rig;
        $opener = $this->openerOf($stop);

        return $stop->inWords(implode(' and ', array_map($rig->nameOf(...), $stop->axes)), $opener === '' ? '' : $rig->nameOf($opener));
    }

    /** A name for a stop that is not there yet. */
    public function freeStop(): string
    {
        for ($n = count($this->place->set->stops) + 1; isset($this->place->set->stops['stop-'.$n]); $n++) {
        }

        return 'stop-'.$n;
    }

    /** Where the axis goes in the base layer, in words. */
    public function target(): string
    {
        $cell = $this->axis === null ? null : $this->place->set->cell('base', $this->axis->ref);

        return $cell === null ? 'goes nowhere yet' : 'goes to '.$this->place->words->cell($cell);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return ?T
     */
    private function stage(string $class): ?object
    {
        foreach ($this->shaping->stages ?? [] as $stage) {
            if ($stage instanceof $class) {
                return $stage;
            }
        }

        return null;
    }
}
