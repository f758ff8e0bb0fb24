<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\FreeName;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\CurveFit;
use Nailrod\Core\Mapping\Axis\Notches;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\PointCurve;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Mapping\Made\Above;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Mapping\Made\MarksAxis;
use Nailrod\Core\Mapping\Made\SharesTravel;
use Nailrod\Core\Mapping\Made\Zones;

/** What a person does to the shaping of axes: each gives a new document of the set itself. */
final readonly class ShapeEdits
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** @param array<string, mixed> $value a part in the open format */
    public function shape(string $axis, string $part, array $value): SetDocument
    {
        return $this->own()->with($this->part($axis, $part), $value);
    }

    /** A part of the shaping is as it comes, whatever the parent says. */
    public function clear(string $axis, string $part): SetDocument
    {
        return $this->takeAway($this->own(), $this->part($axis, $part));
    }

    /**
     * Several parts of several axes at once: copied from another axis, or a shape to begin with.
     *
     * @param list<string>                         $axes
     * @param array<string, ?array<string, mixed>> $parts in the open format; null clears the part
     */
    public function shapeAll(array $axes, array $parts): SetDocument
    {
        $own = $this->own();
        foreach ($axes as $axis) {
            $this->known($axis, $this->set->rig->axes, 'axes', 'an axis of the rig');
            foreach (Keys::each($parts) as $part => $value) {
                $path = PartPath::axis($axis, $part);
                $own = $value === null ? $this->takeAway($own, $path) : $own->with($path, $value);
            }
        }

        return $own;
    }

    /**
     * The axis is shaped by a starting shape; its calibration, rotation and steadying stay. Stops and thresholds come
     * to those that are there.
     *
     * @throws FormatError
     */
    public function beginWith(string $axis, string $name): SetDocument
    {
        $shape = StartingShape::all()[$name] ?? throw FormatError::at(
            'shape',
            $name,
            'one of the shapes to begin with',
        );
        $changed = array_diff(AxisParts::shaping(), AxisParts::ofReadings());
        $own = $this->shapeAll([$axis], array_replace(array_fill_keys($changed, null), $shape->parts));
        foreach (Keys::each($shape->stops) as $id => $stop) {
            $own = $own->with(PartPath::stop($this->free($id, $this->set->stops)), ['axes' => [$axis]] + $stop);
        }
        foreach (Keys::each($shape->made) as $id => $made) {
            $own = $own->with(PartPath::made($this->free($id, $this->set->made)), ['of' => [$axis]] + $made);
        }

        return $own;
    }

    /**
     * Puts in place what is made from axes.
     *
     * @param array<string, mixed> $made in the open format
     */
    public function made(string $id, array $made): SetDocument
    {
        foreach (MadeKinds::read(Node::of($made, 'made.'.$id), $id)->sources() as $axis) {
            $this->known($axis, $this->set->rig->axes, 'made.'.$id.'.of', 'an axis of the rig');
        }

        return $this->own()->with(PartPath::made($id), $made);
    }

    /**
     * Zones of a switch that arrives as an axis; those that it has already are made anew, under the name that they
     * have.
     *
     * @param array{bounds: list<float>, hysteresis: float, names: list<string>} $zones see Flips::zones()
     */
    public function zonesOf(string $axis, array $zones): SetDocument
    {
        $name = FreeName::of(
            $this->set->rig->nameOf($this->known($axis, $this->set->rig->axes, 'axis', 'an axis of the rig')),
            array_map(fn (Made $one) => $one->name(), $this->set->made),
        );
        $made = self::zonesOn($this->set, $axis);
        if ($made !== null) {
            $was = $made->toArray();
            $names = $was['names'] ?? [];

            return $this->made(
                $made->id(),
                [
                    'names' => is_array($names) && count($names) === count($zones['names']) ? $names : $zones['names'],
                    'name' => $made->name(),
                ] + $zones + $was,
            );
        }

        return $this->made(
            $this->free($name, $this->set->made),
            ['kind' => Zones::kind(), 'name' => $name, 'of' => [$axis]] + $zones,
        );
    }

    /** The zones of one axis alone; null if it has none. */
    public static function zonesOn(BindingSet $set, string $axis): ?Made
    {
        return array_values(
            array_filter($set->made, fn (Made $one) => $one::kind() === Zones::kind() && $one->sources() === [$axis]),
        )[0] ?? null;
    }

    /**
     * Takes away what was made from axes, with all that was said of it: its cells, the shaping and the stops of its
     * axes.
     */
    public function removeMade(string $id): SetDocument
    {
        return (new Removal($this->set))->of(Gone::made($id));
    }

    /**
     * Puts something new on the picture of an axis, with figures to begin from.
     *
     * @param string $what   point, notch, stop, or a kind of what is made from axes
     * @param float  $travel where the hand is, 0..1
     * @param string $other  reference of the second axis, of what needs two
     */
    public function add(string $axis, string $what, float $travel, string $other = ''): SetDocument
    {
        $shaping = $this->shaping($axis);
        $value = round($shaping->settled($travel), 3);

        return match ($what) {
            'point' => $this->points($axis, (new CurveFit($shaping))->withPointAt($travel)),
            'notch' => $this->addNotch($axis, $value),
            'stop' => $this->own()->with(PartPath::stop($this->free('stop', $this->set->stops)), [
                'name' => FreeName::of(
                    'Stop',
                    array_map(fn ($stop) => $stop->name, $this->set->stops),
                ), 'axes' => [$axis], 'at' => max(0.01, min(0.99, $value)), 'opens' => 'until drawn back',
            ]),
            default => $this->addMade($what, $travel, [$axis, $other]),
        };
    }

    /**
     * Takes one of several things off the picture: a point of the curve, a notch, a bound of zones.
     *
     * @param string $what  point, notch or bound
     * @param string $of    the axis, or the id of the zones
     * @param int    $index from 0 on
     */
    public function remove(string $what, string $of, int $index): SetDocument
    {
        if ($what === 'bound') {
            $path = PartPath::made($of);
            $made = $this->set->made[$of] ?? null;
            $left = $made instanceof MarksAxis ? $made->withoutMark($index) : null;

            return $left === null ? $this->removeMade($of) : $this->own()->with(
                $path,
                $left + Node::of($this->set->merged->value($path))->plain(),
            );
        }
        $shaping = $this->shaping($of);
        if ($what === 'notch') {
            $left = self::less($shaping->notches->at, $index);

            return $left === [] ? $this->clear($of, 'notches') : $this->own()->with(
                $this->part($of, 'notches'),
                ['at' => $left] + Node::of($this->set->merged->value($this->part($of, 'notches')))->plain(),
            );
        }
        $left = $shaping->curve instanceof PointCurve ? self::less($shaping->curve->points, $index) : [];

        return count($left) < 2 ? $this->clear($of, 'curve') : $this->points($of, $left);
    }

    /** The curve as points that can be dragged. */
    public function asPoints(string $axis): SetDocument
    {
        return $this->points($axis, (new CurveFit($this->shaping($axis)))->points());
    }

    /**
     * "When I press this hard, send this much."
     *
     * @param float $travel     where the hand is, 0..1
     * @param float $sent       0..1
     * @param bool  $bothHalves of a centred axis: the other half alike
     */
    public function fit(string $axis, float $travel, float $sent, bool $bothHalves): SetDocument
    {
        return $this->points($axis, (new CurveFit($this->shaping($axis)))->sending($travel, $sent, $bothHalves));
    }

    /**
     * The bite point of a shared travel, found by trying.
     *
     * @param float $first  travel of its first lever, 0..1
     * @param float $second travel of the second one
     *
     * @throws FormatError
     */
    public function biteAt(string $id, float $first, float $second): SetDocument
    {
        $built = $this->set->made[$id] ?? null;
        if (! $built instanceof SharesTravel) {
            throw FormatError::at('made', $id, 'a travel that two axes share');
        }
        $share = $built->shareBitingAt($first, $second) ?? throw FormatError::told(
            'the bite point',
            Percent::of($first).' and '.Percent::of($second),
            'one of the two pulled to where it bites, the other let go',
        );
        $path = PartPath::made($id);

        return $this->own()->with($path, ['share' => $share] + Node::of($this->set->merged->value($path))->plain());
    }

    /** @param list<array{float, float}> $points */
    private function points(string $axis, array $points): SetDocument
    {
        return $this->own()->with($this->part($axis, 'curve'), ['kind' => 'points', 'points' => $points]);
    }

    private function addNotch(string $axis, float $at): SetDocument
    {
        $notches = $this->shaping($axis)->notches;
        $places = [...$notches->at, CurveFit::apart($at, $notches->at, 2.1 * $notches->width)];
        sort($places);
        $before = $notches->at === [] ? ['kind' => Notches::FLAT] : Node::of(
            $this->set->merged->value($this->part($axis, 'notches')),
        )->plain();

        return $this->own()->with($this->part($axis, 'notches'), ['at' => $places] + $before);
    }

    /**
     * @param float        $travel where the hand is, 0..1
     * @param list<string> $axes   as many as it may take
     */
    private function addMade(string $kind, float $travel, array $axes): SetDocument
    {
        $class = MadeKinds::all()[$kind === 'threshold' ? Above::kind() : $kind] ?? throw FormatError::at(
            'what',
            $kind,
            'one of '.implode(', ', array_keys(MadeKinds::all())),
        );
        $of = array_slice($axes, 0, $class::takes());
        $rest = ($this->set->shapings[$axes[0]] ?? null)?->restTravel() ?? 0.0;
        $begin = $class::begin(
            $travel,
            $rest,
            array_map($this->set->rig->nameOf(...), $of),
        ) + ['kind' => $class::kind(), 'of' => $of];
        $kind = is_string($begin['kind']) ? MadeKinds::all()[$begin['kind']] : $class;
        $begin += array_map(
            fn (Field $field): mixed => $field->atFirst(),
            array_filter($kind::fields()->all, fn (Field $field) => $field->isRequired),
        );
        $begin['name'] = FreeName::of(
            is_string($begin['name'] ?? null) ? $begin['name'] : ucfirst($class::title()),
            array_map(fn (Made $one) => $one->name(), $this->set->made),
        );

        return $this->made($this->free($begin['name'], $this->set->made), $begin);
    }

    private function shaping(string $axis): Shaping
    {
        return $this->set->shapings[$axis] ?? throw FormatError::at('axes', $axis, 'an axis of the rig');
    }

    private function part(string $axis, string $part): PartPath
    {
        return PartPath::axis($this->known($axis, $this->set->rig->axes, 'axes', 'an axis of the rig'), $part);
    }

    /**
     * @template T
     *
     * @param list<T> $list
     *
     * @return list<T> without one of them
     */
    private static function less(array $list, int $index): array
    {
        unset($list[$index]);

        return array_values($list);
    }
}
