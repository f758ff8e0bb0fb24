<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\KnownPad;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/**
 * @property string $id
 * @property int    $position
 * @property string $document
 * @property string $unit          which unit of it is in use: empty for the first, else its serial
 * @property bool   $writes_itself is its memory written after each edit, unasked?
 * @property ?array{model: string, slot: ?int, plugged: bool, axes: list<float>} $pad of a real controller: how the
 * browser saw it last
 */
final class DeviceRecord extends Model
{
    protected $table = 'devices';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['pad' => 'array'];

    /** A real controller as it was seen last. */
    public function knownPad(): KnownPad
    {
        $pad = $this->pad ?? ['model' => '', 'slot' => null, 'plugged' => false, 'axes' => []];

        return new KnownPad($this->id, $pad['model'], $pad['slot'], $pad['plugged'], $pad['axes']);
    }

    /** @param ?list<float> $axes how they stood when it went; null if nobody saw */
    public function leave(?array $axes): void
    {
        if ($this->pad !== null && ($this->pad['plugged'] || $axes !== null)) {
            $this->update(['pad' => ['plugged' => false, 'axes' => $axes ?? $this->pad['axes']] + $this->pad]);
        }
    }

    /** @return array<string, string> names of all devices, by id */
    public static function names(): array
    {
        return self::all()->sortBy('position')->mapWithKeys(
            fn (self $record) => [$record->id => $record->device()->name],
        )->all();
    }

    public function device(): Device
    {
        return DeviceReader::read(Node::of(Json::decode($this->document)));
    }
}
