<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\DeviceRecord;
use App\Models\SetRecord;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Recognition;
use Nailrod\Core\Rig\Wiring\GamepadBuilder;

/** Real controllers that come and go: recognised, or taken into the rig as new devices. */
final class Pads
{
    public function __construct(private readonly Devices $devices, private readonly RigRoot $roots) {}

    /**
     * @param list<array{slot: int, model: string, standard: bool, buttons: int, axes: list<float>,
     *     device: ?string}> $pads that are there now
     * @param array<string, list<float>> $gone last axes of those that have just gone, by device
     *
     * @return array{pads: list<array<string, mixed>>, absent: list<string>, said: list<string>, added: bool} `pads` in
     * the order of the slots, each with its device and ports; `absent` the devices of controllers that are not there
     */
    public function seen(SetRecord $set, array $pads, array $gone): array
    {
        return DB::transaction(function () use ($set, $pads, $gone): array {
            $records = $this->records();
            $said = [];
            foreach (Keys::each(array_intersect_key($gone, $records)) as $id => $axes) {
                $records[$id]->leave($axes);
                $said[] = $records[$id]->device()->name
                    .' is gone. Its contacts are open, its axes stay where they were.';
            }
            $answers = $taken = [];
            foreach ($pads as $pad) {
                $recognised = self::recognise(array_diff_key($records, $taken), $pad);
                $record = $recognised->device === null ? $this->create($pad, $records) : $records[$recognised->device];
                $record->update([
                    'pad' => [
                        'model' => $pad['model'],
                        'slot' => $pad['slot'],
                        'plugged' => true,
                        'axes' => $pad['axes'],
                    ],
                ]);
                $records[$record->id] = $taken[$record->id] = $record;
                $other = $recognised->other === null ? null : $records[$recognised->other];
                $answers[] = [
                    'slot' => $pad['slot'],
                    'device' => $record->id,
                    'unsure' => $other?->id,
                ] + GamepadBuilder::ports($record->device(), count($pad['axes']));
                array_push($said, ...self::words($record, $recognised, $other, $pad['device'] !== null));
            }
            $absent = array_diff_key($records, $taken);
            foreach ($absent as $record) {
                $record->leave(null);
            }

            return [
                'pads' => $answers,
                'absent' => Keys::of($absent),
                'said' => $said,
                'added' => $this->roots->takeIn($set, Keys::of($taken)),
            ];
        }, 3);
    }

    /** @return array<string, DeviceRecord> real controllers that were ever seen, by id */
    private function records(): array
    {
        $records = [];
        foreach (DeviceRecord::query()->get()->sortBy('position') as $record) {
            if ($record->pad !== null) {
                $records[$record->id] = $record;
            }
        }

        return $records;
    }

    /**
     * @param array<string, DeviceRecord> $records that no other controller has taken
     * @param array{slot: int, model: string, standard: bool, buttons: int, axes: list<float>, device: ?string} $pad
     */
    private static function recognise(array $records, array $pad): Recognition
    {
        $named = $pad['device'] === null ? null : $records[$pad['device']] ?? null;
        $known = array_map(
            fn (DeviceRecord $record) => $record->knownPad(),
            $named === null ? array_values($records) : [],
        );

        return $named === null ? Recognition::of(
            $known,
            $pad['model'],
            $pad['slot'],
            $pad['axes'],
        ) : Recognition::certain($named->id);
    }

    /** @return list<string> */
    private static function words(
        DeviceRecord $record,
        Recognition $recognised,
        ?DeviceRecord $other,
        bool $wasThere,
    ): array {
        $name = $record->device()->name;

        return match (true) {
            $recognised->device === null => [Devices::greeting($record, true)],
            $wasThere => [],
            $other !== null => [
                sprintf(
                    '%s is back, or %s: they are of one model and stand alike. Press something on it; if the wrong '
                        .'one lights, swap them on the Rig.',
                    $name,
                    $other->device()->name,
                ),
            ],
            default => [Devices::greeting($record, false)],
        };
    }

    /**
     * @param array{slot: int, model: string, standard: bool, buttons: int, axes: list<float>, device: ?string} $pad
     * @param array<string, DeviceRecord>                                                                       $records
     */
    private function create(array $pad, array $records): DeviceRecord
    {
        $names = array_map(fn (DeviceRecord $record) => $record->device()->name, $records);
        $plain = trim(
            mb_strimwidth((string) preg_replace('/\s*\(.*$|^[0-9a-f]{4}-[0-9a-f]{4}-/i', '', $pad['model']), 0, 50),
        ) ?: 'Controller';
        $name = $plain;
        for ($n = 2; in_array($name, $names, true); $n++) {
            $name = $plain.' '.$n;
        }

        return $this->devices->keep(GamepadBuilder::build(
            $this->devices->freeId($name),
            $name,
            $pad['model'],
            $pad['standard'],
            count($pad['axes']),
            $pad['buttons'],
        ));
    }
}
