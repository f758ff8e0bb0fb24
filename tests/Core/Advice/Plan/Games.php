<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/** Made-up games and rigs for plans, small or large, by a seeded draw. */
final class Games implements Library
{
    /**
     * @param array<string, mixed>       $catalogue
     * @param array<string, Device>      $devices
     * @param array<string, mixed>       $set
     */
    private function __construct(private array $catalogue, private array $devices, private array $set) {}

    public static function random(int $seed): self
    {
        mt_srand($seed);
        $catalogue = self::game(mt_rand(4, 40), [0, 4, 32, 128][mt_rand(0, 3)], mt_rand(0, 3));
        $devices = [];
        foreach (range(1, mt_rand(1, 3)) as $n) {
            $devices['d'.$n] = self::box('d'.$n, mt_rand(0, 6));
        }
        $game = new self($catalogue, $devices, []);
        $cells = $ways = [];
        $rig = $game->assembled()->rig;
        $actions = array_column($catalogue['actions'], null, 'id');
        foreach (array_rand($rig->contacts, min(count($rig->contacts), 6)) as $ref) {
            $action = $actions[array_rand($actions)];
            if ($action['kind'] !== 'axis' && $rig->contacts[$ref]->encoder === null) {
                $cells[mt_rand(0, 3) === 0 ? 'second' : 'base'][$ref] = [
                    'behaviour' => ['kind' => 'pulse'], 'outputs' => [['kind' => 'action', 'action' => $action['id']]],
                ];
                $ways[$action['id']] = mt_rand(0, 2) === 0 ? ['kind' => 'key', 'code' => 'F'.mt_rand(1, 12)] : [
                    'kind' => 'button', 'number' => mt_rand(1, 40),
                ];
            }
        }
        $first = array_key_first(array_filter($rig->contacts, fn ($contact) => $contact->encoder === null));
        unset($cells['base'][$first], $cells['second'][$first]);
        $cells['base'][$first] = [
            'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'hold layer', 'layer' => 'second']],
        ];
        $game->set = ['layers' => ['second' => ['name' => 'Second']], 'cells' => array_filter($cells), 'ways' => $ways];

        return $game;
    }

    public static function large(int $actions, int $devices): self
    {
        mt_srand(7);
        $all = [];
        foreach (range(1, $devices) as $n) {
            $all['d'.$n] = self::box('d'.$n, 10);
        }

        return new self(self::game($actions, 128, 2), $all, []);
    }

    /**
     * A game with so many axes and nothing else, and one device with these controls.
     *
     * @param list<array<string, mixed>> $controls
     */
    public static function ofAxes(int $axes, array $controls): self
    {
        $ids = range(1, $axes);
        $game = ['format' => Catalogue::FORMAT, 'version' => 1, 'id' => 'game', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667, 'sees' => ['buttons' => 8, 'axes' => 8], 'groups' => [
            ['id' => 'g', 'name' => 'All'],
        ],
            'variables' => array_combine(
                array_map(fn (int $n): string => 'v'.$n, $ids),
                array_map(fn (int $n): array => ['name' => 'V '.$n, 'group' => 'g', 'low' => 0, 'high' => 1], $ids),
            ),
            'actions' => array_map(
                fn (int $n): array => [
                    'id' => 'a'.$n, 'name' => 'A'.$n, 'group' => 'g', 'kind' => 'axis',
                    'effect' => ['do' => 'follow', 'variable' => 'v'.$n],
                ],
                $ids,
            )];
        $device = DeviceReader::read(Node::of([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd1', 'name' => 'D1', 'kind' => 'throttle',
            'face' => ['width' => 400, 'height' => 100], 'controls' => $controls,
        ]));

        return new self($game, ['d1' => $device], []);
    }

    public function assembled(?SetDocument $set = null): BindingSet
    {
        return (new Assembly($this))->assemble($set ?? SetDocument::read(Node::of(
            [
                'format' => SetDocument::FORMAT, 'version' => 1,
                'id' => 'set', 'name' => 'Set', 'simulator' => 'game', 'devices' => array_keys($this->devices),
            ] + $this->set,
        )));
    }

    public function set(string $id): ?SetDocument
    {
        return null;
    }

    public function device(string $id): ?Device
    {
        return $this->devices[$id] ?? null;
    }

    public function catalogue(string $id): Catalogue
    {
        return Catalogue::read(Node::of($this->catalogue));
    }

    public function layout(string $id): ?KeyLayout
    {
        return null;
    }

    /** @return array<string, mixed> */
    private static function game(int $actions, int $buttons, int $axes): array
    {
        $all = $variables = [];
        $add = function (string $id, string $kind, array $effect, bool $key) use (&$all): void {
            $all[] = [
                'id' => $id, 'name' => ucfirst($id), 'group' => 'g',
                'kind' => $kind, 'essential' => mt_rand(0, 3) === 0, 'effect' => $effect,
                'by_variable' => mt_rand(0, 1) === 1, 'role' => 'role '.$id,
            ]
                + ($key ? ['key' => ['kind' => 'key', 'code' => 'Key'.chr(mt_rand(65, 90))]] : []);
        };
        for ($n = 1; count($all) < $actions; $n++) {
            $variables['v'.$n] = [
                'name' => 'V '.$n, 'group' => 'g', 'low' => mt_rand(0, 1) === 0 ? 0 : -5, 'high' => 5,
            ];
            $key = $kind = mt_rand(0, 5);
            match ($kind) {
                0 => $add('a'.$n, 'axis', ['do' => 'follow', 'variable' => 'v'.$n], false),
                1 => $add('m'.$n, 'momentary', ['do' => 'hold', 'variable' => 'v'.$n], $key > 0),
                2 => $add('f'.$n, 'two-state', ['do' => 'flip', 'variable' => 'v'.$n], true),
                default => null,
            };
            foreach ($kind < 3 ? [] : ($kind === 5 ? [1, 0] : [1, -1]) as $amount) {
                $add(
                    'p'.$n.($amount > 0 ? 'u' : 'd'),
                    $kind === 5 ? 'two-state' : 'step pair',
                    ['do' => $kind === 5 ? 'set' : 'step', 'variable' => 'v'.$n, 'amount' => $amount],
                    mt_rand(0, 1) === 1,
                );
            }
        }
        $reserved = array_map(
            fn (string $code) => ['kind' => 'key', 'code' => $code, 'by' => ['game', 'desktop'][mt_rand(0, 1)]],
            ['Escape', 'Key'.chr(mt_rand(65, 90)), 'F13', 'F14'],
        );

        return ['format' => Catalogue::FORMAT, 'version' => 1, 'id' => 'game', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667, 'sees' => [
            'buttons' => $buttons, 'axes' => $axes,
        ],
            'groups' => [
                ['id' => 'g', 'name' => 'All'],
            ], 'variables' => $variables, 'actions' => $all, 'reserved_keys' => $reserved];
    }

    private static function box(string $id, int $more): Device
    {
        $controls = [
            [
                'id' => 'lever', 'name' => 'Lever', 'kind' => 'lever', 'at' => [10, 10],
                'axes' => [['number' => 1, 'min' => 0, 'max' => 255]],
            ],
        ];
        $number = 1;
        foreach (range(1, 6 + $more) as $i) {
            $at = [10 * $i, 40];
            $controls[] = match ($i % 6) {
                1 => ['id' => 'e'.$i, 'name' => 'Encoder '.$i, 'kind' => 'encoder', 'at' => $at, 'encoder' => $i],
                2 => [
                    'id' => 's'.$i, 'name' => 'Switch '.$i, 'kind' => 'two-way', 'at' => $at,
                    'contacts' => [
                        ['id' => 'up', 'name' => 'up', 'number' => $number++],
                        ['id' => 'down', 'name' => 'down', 'opposite' => 'up'],
                    ],
                ],
                3 => [
                    'id' => 'r'.$i, 'name' => 'Sprung '.$i, 'kind' => 'sprung', 'at' => $at,
                    'contacts' => [
                        ['id' => 'up', 'name' => 'up', 'number' => $number++],
                        ['id' => 'down', 'name' => 'down', 'number' => $number++],
                    ],
                ],
                default => [
                    'id' => 'b'.$i, 'name' => 'Button '.$i, 'kind' => 'button', 'at' => $at,
                    'contacts' => [['number' => $number++]],
                ],
            };
        }

        return DeviceReader::read(Node::of([
            'format' => DeviceReader::FORMAT, 'version' => 1,
            'id' => $id, 'name' => strtoupper($id), 'kind' => 'button box', 'face' => ['width' => 400, 'height' => 100],
            'controls' => $controls,
        ]));
    }
}
