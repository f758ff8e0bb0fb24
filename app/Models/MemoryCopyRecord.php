<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was in the memory of a device once.
 *
 * @property int                        $id
 * @property string                     $device_id
 * @property string                     $unit      empty for the first unit, else its serial
 * @property bool                       $written   did Nailrod write it? Else it was found there before a write
 * @property string                     $sentence  where it came from
 * @property string                     $content
 * @property \Illuminate\Support\Carbon $created_at
 */
final class MemoryCopyRecord extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'memory_copies';

    protected $guarded = [];

    protected $casts = ['written' => 'boolean'];
}
