<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\DeviceRecord;
use App\Sets\SetStore;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\SetDocument;

/** A set as large as they come: 16 devices of 25 contacts, 8 layers, 1,500 assignments. */
final class LargeSet
{
    public const ID = 'large';
    public const DEVICES = 16;
    public const CONTACTS = 25;
    public const LAYERS = 8;
    public const ASSIGNMENTS = 1500;

    /** Width of its pulses, in µs. */
    public const PULSE = 60_000;

    /** Puts its devices and the set into the database. */
    public static function create(SetStore $store, Catalogue $catalogue): void
    {
        foreach (range(1, self::DEVICES) as $n) {
            DeviceRecord::query()->create([
                'id' => 'box-'.$n,
                'position' => 100 + $n,
                'document' => json_encode(self::device($n), JSON_THROW_ON_ERROR),
            ]);
        }
        $store->create(SetDocument::read(Node::of(self::document($catalogue))), 100, 'bench', 'A large set');
    }

    /** @return array<string, mixed> */
    public static function device(int $n): array
    {
        $controls = [];
        foreach (range(0, self::CONTACTS - 1) as $i) {
            $controls[] = [
                'id' => 'b'.($i + 1),
                'name' => 'Button '.($i + 1),
                'kind' => 'button',
                'at' => [80 + 120 * ($i % 5), 80 + 120 * intdiv($i, 5)],
                'contacts' => [['number' => $i + 1]],
            ];
        }

        return [
            'format' => DeviceReader::FORMAT,
            'version' => 1,
            'id' => 'box-'.$n,
            'name' => 'Box '.$n,
            'kind' => 'button box',
            'stand_in' => true,
            'face' => ['width' => 660, 'height' => 660],
            'controls' => $controls,
        ];
    }

    /** @return array<string, mixed> */
    private static function document(Catalogue $catalogue): array
    {
        $actions = array_keys(array_filter($catalogue->actions, fn ($action) => ! $action->isAxis()));
        $layers = array_map(fn (int $n) => 'layer-'.$n, range(1, self::LAYERS - 1));
        $cells = [];
        $said = 0;
        foreach (['base', ...$layers] as $l => $layer) {
            foreach (range(0, self::DEVICES * self::CONTACTS - 1) as $i) {
                if ($said === self::ASSIGNMENTS || ($layer !== 'base' && ($i * 7 + $l) % 5 > 1)) {
                    continue;
                }
                $ref = 'box-'.(intdiv($i, self::CONTACTS) + 1).'/b'.($i % self::CONTACTS + 1);
                $cells[$layer][$ref] = match (true) {
                    $layer === 'base' && $i < self::LAYERS - 1 => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'hold layer', 'layer' => $layers[$i]]],
                    ],
                    $i % 3 === 0 => [
                        'behaviour' => ['kind' => 'pulse', 'width_ms' => 60],
                        'outputs' => [['kind' => 'action', 'action' => $actions[($i + $l) % count($actions)]]],
                    ],
                    default => [
                        'behaviour' => ['kind' => 'follow'],
                        'outputs' => [['kind' => 'button', 'number' => 1 + ($i * 3 + $l) % 128]],
                    ],
                };
                $said++;
            }
        }

        return [
            'format' => SetDocument::FORMAT, 'version' => 1, 'id' => self::ID, 'name' => 'Large',
            'simulator' => $catalogue->id,
            'devices' => array_map(fn (int $n) => 'box-'.$n, range(1, self::DEVICES)),
            'layers' => array_combine(
                $layers,
                array_map(fn (string $id) => ['name' => ucfirst(str_replace('-', ' ', $id))], $layers),
            ),
            'cells' => $cells,
        ];
    }

    /**
     * Presses all over the rig, with layers held now and then.
     *
     * @param int $from number of the first; an even one
     *
     * @return list<Input>
     */
    public static function inputs(int $count, int $from = 0): array
    {
        $inputs = [];
        for ($i = $from; $i < $from + $count; $i++) {
            $press = intdiv($i, 2);
            $at = $press % 40 === 0 ? intdiv($press, 40) % (self::LAYERS - 1)
                : ($press * 131) % (self::DEVICES * self::CONTACTS);
            $inputs[] = new Input(
                5000 * ($i + 1),
                'box-'.(intdiv($at, self::CONTACTS) + 1).'/b'.($at % self::CONTACTS + 1),
                1 - $i % 2,
            );
        }

        return $inputs;
    }
}
