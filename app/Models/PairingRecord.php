<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A code by which a phone is paired with a panel. It is shown at the desk, for a few minutes.
 *
 * @property int    $id
 * @property string $device_id
 * @property string $code
 * @property int    $until in seconds of the epoch
 * @property int    $wrong how often somebody guessed
 * @property bool   $used
 * @property string $token_id of the phone that it is for, if that is paired already; empty for a new one
 */
final class PairingRecord extends Model
{
    public $timestamps = false;

    protected $table = 'pairings';

    protected $guarded = [];

    protected $casts = ['used' => 'boolean'];
}
