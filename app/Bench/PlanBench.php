<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Advice\Plan\Plan;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/** A plan for three hundred actions over sixteen devices, from nothing, against an empty page of the framework. */
final class PlanBench implements Library
{
    private const ACTIONS = 300;
    private const ROUNDS = 9;

    /** @param Measurement $empty time of an empty page, in ms */
    public function __construct(private readonly Measurement $empty) {}

    /** @return list<Measurement> */
    public function figures(): array
    {
        $set = (new Assembly($this))->assemble(SetDocument::read(Node::of([
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'plan', 'name' => 'Plan', 'simulator' => 'many',
            'devices' => array_map(
                fn (int $n) => 'box-'.$n,
                range(1, LargeSet::DEVICES),
            ),
            'layers' => ['second' => ['name' => 'Second']], 'cells' => [
                'base' => [
                    'box-1/b1' => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'hold layer', 'layer' => 'second']],
                    ],
                ],
            ],
        ])));
        $times = [];
        $plan = $this->plan($set);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $start = hrtime(true);
            $this->plan($set);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $placed = array_sum(array_map(fn ($proposal) => count($proposal->choices), $plan->proposals));

        return [
            (new Measurement(
                'a plan for '.self::ACTIONS.' actions over '.LargeSet::DEVICES.' devices',
                $times[intdiv(self::ROUNDS, 2)],
                'ms',
            ))->against($this->empty),
            new Measurement('actions that it finds a place for', $placed, ''),
        ];
    }

    private function plan(BindingSet $set): Plan
    {
        assert($set->catalogue !== null);

        return (new Planner($set, $set->catalogue))->plan();
    }

    public function set(string $id): ?SetDocument
    {
        return null;
    }

    public function layout(string $id): ?KeyLayout
    {
        return null;
    }

    public function device(string $id): Device
    {
        return DeviceReader::read(Node::of(LargeSet::device((int) substr($id, 4))));
    }

    /** A third each of pairs, of flips and of what is held; a quarter of them with keys of their own. */
    public function catalogue(string $id): Catalogue
    {
        $variables = $actions = [];
        for ($n = 0; count($actions) < self::ACTIONS; $n++) {
            $variables['v'.$n] = ['name' => 'V '.$n, 'group' => 'all', 'low' => -9, 'high' => 9];
            $effects = match ($n % 3) {
                0 => [['step pair', 'step', 1], ['step pair', 'step', -1]],
                1 => [['two-state', 'flip', 0]],
                default => [['momentary', 'hold', 0]],
            };
            foreach ($effects as [$kind, $do, $amount]) {
                $number = count($actions);
                $actions[] = [
                    'id' => 'a'.$number,
                    'name' => 'Action '.$number,
                    'group' => 'all',
                    'kind' => $kind,
                    'essential' => $number % 7 === 0,
                    'effect' => ['do' => $do, 'variable' => 'v'.$n] + ($amount === 0 ? [] : ['amount' => $amount]),
                ]
                    + (
                        $number % 4 === 0 ? [
                            'key' => [
                                'kind' => 'key',
                                'code' => 'Key'.chr(65 + intdiv($number, 4) % 26),
                                'with' => array_slice(['ShiftLeft', 'ControlLeft', 'AltLeft'], 0, intdiv($number, 104)),
                            ],
                        ] : []
                    );
            }
        }

        return Catalogue::read(Node::of([
            'format' => Catalogue::FORMAT,
            'version' => 1,
            'id' => $id,
            'name' => 'Many',
            'vehicle' => 'Many',
            'frame_us' => 16667,
            'sees' => ['buttons' => 128, 'axes' => 8],
            'groups' => [['id' => 'all', 'name' => 'All']],
            'variables' => $variables,
            'actions' => array_slice($actions, 0, self::ACTIONS),
            'reserved_keys' => [['kind' => 'key', 'code' => 'Escape']],
        ]));
    }
}
