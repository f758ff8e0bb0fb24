<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\DeviceReader;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;

/**
 * @property string $id
 * @property int    $position
 * @property string $document
 */
final class DeviceRecord extends Model
{
    protected $table = 'devices';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function device(): Device
    {
        return DeviceReader::read(Node::of(Json::decode($this->document)));
    }
}
