<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\Forms\Choices;
use App\View\Place;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Rig\Device\AxisInput;

/** The stops of the picked axis, and what opens them. */
final readonly class ShapeStops
{
    /** @var array<string, Stop> by id, in file order */
    public array $all;

    private bool $isCentred;

    public function __construct(private Place $place, private ?AxisInput $axis)
    {
        $this->isCentred = $axis?->centred === true;
        $this->all = $axis === null ? [] : $place->set->stopsOf($axis->ref);
    }

    /** @return array<string, Stop> those that are not set aside */
    public function holding(): array
    {
        return $this->axis === null ? [] : $this->place->set->stopsHolding($this->axis->ref);
    }

    /** @return array<string, string> the contacts that lie near the axis, and what opens the stop now, by reference */
    public function openers(?Stop $stop): array
    {
        return (new Choices($this->place->set))->near(
            Reference::CONTACT,
            explode('/', $this->axis->ref ?? '', 2)[0],
            $stop === null ? '' : $this->openerOf($stop),
        );
    }

    /**
     * @param list<string> $held axes that the stop holds already
     *
     * @return array<string, string> axes that it can hold, those that are centred like the picked one, by reference
     */
    public function mayHold(array $held): array
    {
        $rig = $this->place->set->rig;
        $like = array_filter(
            $rig->axes,
            fn (AxisInput $axis) => $axis->centred === $this->isCentred || in_array($axis->ref, $held, true),
        );

        return array_map(fn (AxisInput $axis) => $rig->nameOf($axis->ref), $like);
    }

    public function openerOf(Stop $stop): string
    {
        return $this->place->set->openersOf($stop->id)[0] ?? '';
    }

    public function sentenceOf(Stop $stop): string
    {
        $rig = $this->place->set->rig;
        $opener = $this->openerOf($stop);

        return $stop->inWords(
            implode(' and ', array_map($rig->nameOf(...), $stop->axes)),
            $opener === '' ? '' : $rig->nameOf($opener),
            $this->isCentred,
        );
    }

    /** A name for a stop that is not there yet. */
    public function freeId(): string
    {
        for ($n = count($this->place->set->stops) + 1; isset($this->place->set->stops['stop-'.$n]); $n++) {
        }

        return 'stop-'.$n;
    }
}
