<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A recording of the inputs of a rig; its rows are in a file.
 *
 * @property string                     $id
 * @property string                     $name
 * @property int                        $rows
 * @property int                        $length in µs
 * @property int<0, max>                $bytes  of its file that hold
 * @property bool                       $kept   false while it is being recorded
 * @property bool                       $removed it can be brought back
 * @property \Illuminate\Support\Carbon $created_at
 * @property \Illuminate\Support\Carbon $updated_at
 */
final class RecordingRecord extends Model
{
    protected $table = 'runs';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kept' => 'boolean', 'removed' => 'boolean'];
}
