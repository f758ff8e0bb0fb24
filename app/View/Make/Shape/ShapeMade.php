<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\View\Place;
use Nailrod\Core\Mapping\Made\BuildsAxes;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Rig\Device\AxisInput;

/** What is made from the picked axis, and what could be. */
final readonly class ShapeMade
{
    private bool $isCentred;

    public function __construct(private Place $place, private ?AxisInput $axis)
    {
        $this->isCentred = $axis?->centred === true;
    }

    /** @return array<string, Made> what closes and opens with this axis, by id */
    public function fromIt(): array
    {
        return array_filter(
            $this->place->set->made,
            fn (Made $made) => ! $made instanceof BuildsAxes && in_array($this->axis?->ref, $made->sources(), true),
        );
    }

    /** @return array<string, BuildsAxes> what is built from this axis, or what this axis is, by id */
    public function built(): array
    {
        return array_filter($this->place->set->made, fn (Made $made) => $made instanceof BuildsAxes && (
            in_array($this->axis?->ref, $made->sources(), true) || in_array(
                $this->axis?->ref,
                array_map(fn (AxisInput $axis) => $axis->ref, $made->axes()),
                true,
            )
        ));
    }

    /**
     * @return array<string, string> what can be made from this axis and another one, or from its halves, in words by
     *    kind
     */
    public function newKinds(): array
    {
        $kinds = [];
        foreach (MadeKinds::all() as $kind => $class) {
            $isOffered = is_subclass_of($class, BuildsAxes::class) || $class::takes() > 1;
            if ($isOffered && ($class::wantsCentred() ?? $this->isCentred) === $this->isCentred) {
                $kinds[$kind] = $class::title();
            }
        }

        return $kinds;
    }

    /** @return array<string, string> axes that it could be made from instead, by reference */
    public function sourcesLike(Made $made): array
    {
        $rig = $this->place->set->rig;
        $isCentred = $rig->axes[$made->sources()[0]]->centred ?? false;
        $like = [];
        foreach ($rig->axes as $ref => $axis) {
            if (in_array($ref, $made->sources(), true) || (
                ! ($made instanceof BuildsAxes && $axis->isBuilt()) && $axis->centred === $isCentred
            )) {
                $like[$ref] = $rig->fullNameOf($ref, ' · ');
            }
        }

        return $like;
    }

    public function sentenceOf(Made $made): string
    {
        $rig = $this->place->set->rig;

        return $made->inWords(
            array_map($rig->nameOf(...), $made->sources()),
            $rig->axes[$made->sources()[0]]->centred ?? false,
        );
    }

    /** @return array<string, string> axes that something can be made with beside this one, by reference */
    public function partners(): array
    {
        $partners = [];
        foreach ($this->place->set->rig->axes as $ref => $axis) {
            if ($ref !== $this->axis?->ref && ! $axis->isBuilt() && $axis->centred === $this->isCentred) {
                $partners[$ref] = $this->place->set->rig->fullNameOf($ref, ' · ');
            }
        }

        return $partners;
    }
}
