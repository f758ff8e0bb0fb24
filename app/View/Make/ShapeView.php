<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Figure;
use App\View\Make\Shape\Comparison;
use App\View\Make\Shape\Figures;
use App\View\Make\Shape\Handle;
use App\View\Make\Shape\Handles;
use App\View\Make\Shape\ShapeMade;
use App\View\Make\Shape\ShapeStops;
use App\View\Make\Shape\ShapeWheel;
use App\View\Make\Shape\TwoAxes;
use App\View\Origin;
use App\View\Place;
use App\View\Plot;
use Nailrod\Core\Advice\Tuner;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisPart;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\PointCurve;
use Nailrod\Core\Mapping\Axis\Points;
use Nailrod\Core\Mapping\Axis\Rotation;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Set\PartPath;

/**
 * The Shape place: one axis of the rig, its chain, and what is made from it.
 *
 * @phpstan-type Query array{axis: string, ref: string, device: string, zoom: string, tab: string, with: string,
 *     two: string}
 */
final readonly class ShapeView
{
    public const TABS = ['shape' => 'Shape', 'figures' => 'Figures', 'more' => 'Copy and begin'];

    /** How much of the travel is shown near an end. */
    private const NEAR = 0.05;

    public ?AxisInput $axis;

    public Plot $plot;

    public ShapeStops $stops;

    public ShapeMade $made;

    public ShapeWheel $wheel;

    /** @param Query $query */
    public function __construct(public Place $place, private array $query)
    {
        $set = $place->set;
        $this->axis = $set->rig->axes[$query['axis']] ?? $this->axisOf($query['ref'], $query['device']);
        $device = explode('/', $query['ref'])[0] ?: $query['device'];
        if (
            $query['axis'] !== '' || ! isset($set->rig->devices[$device])
                || str_starts_with($this->axis->ref ?? '', $device.'/')
        ) {
            $place->picked->ref = $this->axis->ref ?? '';
        }
        // A device without an axis stays picked, though another is shown.
        $place->picked->device = $place->picked->ref === '' ? $device : explode('/', $place->picked->ref)[0];
        $this->stops = new ShapeStops($place, $this->axis);
        $this->made = new ShapeMade($place, $this->axis);
        $this->wheel = new ShapeWheel($place, $this->axis);
        $this->plot = $this->window();
        $place->notHere->ask(
            'axis',
            $query['axis'],
            isset($set->rig->axes[$query['axis']]),
            $this->axis === null ? '' : $set->rig->fullNameOf($this->axis->ref),
        );
        $place->notHere->ask('part', $query['tab'], isset(self::TABS[$query['tab']]), self::TABS['shape']);
    }

    /**
     * What the address of the page asks for.
     *
     * @return Query
     */
    public static function query(string $url): array
    {
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        $query = ['axis' => '', 'ref' => '', 'device' => '', 'zoom' => '', 'tab' => '', 'with' => '', 'two' => ''];
        foreach ($query as $name => $else) {
            $query[$name] = is_string($asked[$name] ?? null) ? $asked[$name] : $else;
        }

        return $query;
    }

    /** What was picked on another place: an axis, or the first of its device; the first of all if that has none. */
    private function axisOf(string $ref, string $device): ?AxisInput
    {
        $rig = $this->place->set->rig;
        $axes = $rig->devices[explode('/', $ref)[0]] ?? $rig->devices[$device] ?? null;

        return $rig->axes[$ref] ?? $axes?->axes()[0] ?? array_values($rig->axes)[0] ?? null;
    }

    /** @param array<string, string> $more what is to be different */
    public function link(array $more): string
    {
        return $this->place->at(
            'shape',
            array_filter(
                $more + ['axis' => $this->axis->ref ?? ''] + array_diff_key(
                    $this->query,
                    ['ref' => '', 'device' => ''],
                ),
                fn (string $value) => $value !== '',
            ),
        );
    }

    public function shaping(): Shaping
    {
        return $this->place->set->shapings[$this->axis->ref ?? ''];
    }

    public function tab(): string
    {
        return isset(self::TABS[$this->query['tab']]) ? $this->query['tab'] : 'shape';
    }

    public function zoom(): string
    {
        return in_array($this->query['zoom'], ['low', 'high'], true) ? $this->query['zoom'] : '';
    }

    public function isCentred(): bool
    {
        return $this->axis !== null && $this->axis->centred;
    }

    /** The figure of a place for a field. */
    public function at(float $part): string
    {
        return Percent::figureAt($part, $this->isCentred());
    }

    /** The figure of a width for a field. */
    public function by(float $part): string
    {
        return Percent::figureBy($part, $this->isCentred());
    }

    /** straight, expo or points: what the set says, also if it bends nothing. */
    public function curveKind(): string
    {
        $value = $this->axis === null ? null : $this->place->set->merged->value(
            PartPath::axis($this->axis->ref, 'curve'),
        );

        return $value === null ? 'straight' : Node::of($value)->get('kind')->string();
    }

    /** Can the axis be used for a part of its rotation? */
    public function isWheel(): bool
    {
        return $this->axis !== null && $this->axis->centred && (
            $this->axis->degrees !== null
                || $this->place->set->rig->controlOf($this->axis->ref)?->kind->isTurned() === true
        );
    }

    /**
     * @return array<string, array<string, array{ref: string, name: string, line: string}>> every axis, by the title of
     *     its device and its reference
     */
    public function axes(): array
    {
        $rig = $this->place->set->rig;
        $axes = [];
        foreach ($this->place->set->shapings as $ref => $shaping) {
            $device = $shaping->axis->isBuilt() ? 'Built' : $rig->deviceOf($ref)?->title() ?? '';
            $axes[$device][$ref] = [
                'ref' => $ref,
                'name' => $rig->nameOf($ref),
                'line' => Plot::small()->line($shaping),
            ];
        }

        return $axes;
    }

    /** @return list<Handle> those that the window shows */
    public function handles(): array
    {
        return array_values(array_filter(Handles::of($this), fn (Handle $handle) => match ($handle->moves) {
            Handle::ACROSS => $this->plot->showsX($handle->x),
            Handle::UP => $this->plot->showsY($handle->y) && (
                $handle->kind !== 'bend' || $this->plot->showsX($handle->x)
            ),
            default => $this->plot->showsX($handle->x) && $this->plot->showsY($handle->y),
        }));
    }

    /** @return array<string, class-string<AxisPart>> parts that can be said of this axis, by the word in the file */
    public function parts(): array
    {
        $axis = $this->axis;

        // What the device has as a setting is said there.
        $asSetting = $this->wheel->settings() === null ? [] : [Rotation::part() => 0];

        return $axis === null ? [] : array_filter(
            array_diff_key(AxisParts::all(), $asSetting),
            fn (string $class) => $class::isOffered($axis),
        );
    }

    /** @return list<array{float, float}> points of the curve, if it is made of some */
    public function curvePoints(): array
    {
        $curve = $this->shaping()->curve;

        return $curve instanceof PointCurve ? $curve->points : [];
    }

    /** @return list<array{string, Field}> fields of the kinds of curve that are figures, with their kind */
    public function curveFields(): array
    {
        $fields = [];
        foreach (Curves::all() as $kind => $class) {
            foreach ($class::fields()->all as $field) {
                if (! $field->type instanceof Points) {
                    $fields[] = [$kind, $field];
                }
            }
        }

        return $fields;
    }

    /** How figures are shown and typed: on a centred axis places count from the centre. */
    public function figure(): Figure
    {
        return new Figure($this->isCentred());
    }

    /** What the axis is compared with on the picture. */
    public function comparison(): ?Comparison
    {
        return $this->axis === null ? null : new Comparison($this->place, $this->axis, $this->query['with']);
    }

    /** The picture of two axes, if the address asks for one. */
    public function two(): ?TwoAxes
    {
        return $this->axis === null || $this->query['two'] === '' ? null : TwoAxes::of(
            $this->place,
            $this->axis->ref,
            $this->query['two'],
        );
    }

    /** References of the axes that the picture is about: moving them does not lead away from it. */
    public function shows(): string
    {
        $shows = [$this->axis->ref ?? '', $this->two() === null ? '' : $this->query['two']];
        foreach ($this->axis?->isBuilt() === true ? $this->made->built() : [] as $built) {
            array_push($shows, ...$built->sources());
        }

        return implode(' ', array_filter($shows));
    }

    public function partner(): string
    {
        return $this->axis === null ? '' : TwoAxes::partnerOf($this->place, $this->axis->ref);
    }

    public function figures(): Figures
    {
        return new Figures(new Tuner($this->place->set, $this->axis->ref ?? ''));
    }

    /** @return array<string, StartingShape> */
    public function startingShapes(): array
    {
        return StartingShape::fitting($this->isCentred());
    }

    /**
     * @return array<string, string> axes that this one's shaping can be copied to, the likely pair first, by reference
     */
    public function copyTargets(): array
    {
        $pair = $this->partner();
        $targets = isset($this->place->set->rig->axes[$pair]) ? [$pair => $this->place->set->rig->nameOf($pair)] : [];
        foreach ($this->place->set->rig->axes as $ref => $axis) {
            if ($ref !== $this->axis?->ref && $axis->centred === $this->isCentred()) {
                $targets[$ref] = $this->place->set->rig->nameOf($ref);
            }
        }

        return $targets;
    }

    public function originOf(string $part): ?Origin
    {
        return $this->axis === null ? null : $this->place->originOf(PartPath::axis($this->axis->ref, $part));
    }

    /** Where the axis goes in each layer, in words. */
    public function target(): string
    {
        $goes = [];
        foreach ($this->place->set->layers as $layer) {
            $cell = $this->axis === null ? null : $this->place->set->cell($layer->id, $this->axis->ref);
            if ($cell !== null) {
                $goes[] = $this->place->words->cell($cell).(
                    $goes === [] && $layer->id === 'base' ? '' : ' in '.$layer->name
                );
            }
        }

        return $goes === [] ? 'goes nowhere yet' : 'goes to '.implode(', ', $goes);
    }

    /** The whole, or the last part of an end with room for what the line does there. */
    private function window(): Plot
    {
        $plot = Plot::large();
        if ($this->axis === null || $this->zoom() === '') {
            return $plot;
        }
        $isLow = $this->zoom() === 'low';
        $across = $isLow ? [0.0, self::NEAR] : [1.0 - self::NEAR, 1.0];
        [$from, $to] = array_map($this->shaping()->settled(...), $across);
        $room = max(self::NEAR, 1.1 * ($to - $from));

        return $plot->window($across, $isLow ? [$from, min(1.0, $from + $room)] : [max(0.0, $to - $room), $to]);
    }
}
