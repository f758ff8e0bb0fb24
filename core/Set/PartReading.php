<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Side;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Made\BuildsAxes;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeKinds;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Rig;

/** Reads the parts of a merged set that cells build on: layers, the shaping of axes, what is made from them, stops. */
final class PartReading
{
    /** @return array<string, array<string, Node>> what the set says of axes, by reference and part */
    public static function shapingParts(MergedDocument $merged): array
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
    public static function shapings(array $parts, array $axes): array
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
     *
     * @throws FormatError with the place of what cannot be made, and is not set aside
     */
    public static function made(MergedDocument $merged, array &$shapings, array $parts, array &$missing): array
    {
        $devices = $shapings;
        $all = $nodes = [];
        foreach ($merged->section('made') as $part) {
            $nodes[$part->path->key] = self::node($part);
            $all[$part->path->key] = MadeKinds::read($nodes[$part->path->key], $part->path->key);
        }
        $made = [];
        foreach ([true, false] as $isBuilt) {
            foreach (Keys::each($all) as $id => $one) {
                if ($one instanceof BuildsAxes !== $isBuilt) {
                    continue;
                }
                if (
                    $isBuilt && array_filter(
                        $one->sources(),
                        fn (string $ref) => str_starts_with($ref, Made::DEVICE.'/'),
                    ) !== []
                ) {
                    throw $nodes[$id]->get('of')->refuse(
                        'axes of devices, since one that is built cannot be built from again',
                    );
                }
                $sources = array_intersect_key($isBuilt ? $devices : $shapings, array_flip($one->sources()));
                if (count($sources) < count($one->sources())) {
                    array_push($missing, ...array_diff($one->sources(), array_keys($sources)));

                    continue;
                }
                $sources = array_map(fn (string $ref) => $sources[$ref], $one->sources());
                $refusal = $merged->isAside(PartPath::made($id)) ? null : $one->refuses($sources);
                if ($refusal !== null) {
                    throw $nodes[$id]->get('of')->refuse($refusal);
                }
                $made[$id] = $one instanceof BuildsAxes ? $one->over($sources) : $one;
                foreach ($made[$id]->axes() as $axis) {
                    $shapings[$axis->ref] = Shaping::read($axis, $parts[$axis->ref] ?? []);
                }
            }
        }

        return array_replace(array_intersect_key($all, $made), $made);
    }

    /** @return array<string, Layer> */
    public static function layers(MergedDocument $merged): array
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
     *
     * @throws FormatError with the place of a stop that leaves no room, beside others that are not set aside either
     */
    public static function stops(MergedDocument $merged, Rig $rig, array &$missing): array
    {
        $stops = $aboves = $belows = [];
        foreach ($merged->section('stops') as $part) {
            $node = self::node($part);
            $stop = Stop::read($part->path->key, $node);
            foreach ($stop->axes as $axis) {
                if (! isset($rig->axes[$axis])) {
                    $missing[] = $axis;
                }
                if ($merged->isAside($part->path)) {
                    continue;
                }
                if ($stop->side === Side::Above) {
                    $aboves[$axis] = min($aboves[$axis] ?? 1.0, $stop->at);
                } else {
                    $belows[$axis] = max($belows[$axis] ?? 0.0, $stop->at);
                }
                if (isset($aboves[$axis], $belows[$axis]) && $belows[$axis] > $aboves[$axis]) {
                    throw $node->get('at')->refuse(
                        'a place that leaves room on '
                            .$rig->nameOf($axis)
                            .': a stop from below may not lie over one from above',
                    );
                }
            }
            $stops[$part->path->key] = $stop;
        }

        return $stops;
    }

    public static function node(PartValue $part): Node
    {
        return Node::of(
            $part->value,
            $part->path->section.'.'.$part->path->key.($part->path->inner === null ? '' : '.'.$part->path->inner),
        );
    }
}
