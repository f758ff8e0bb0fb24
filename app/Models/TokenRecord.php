<?php

declare(strict_types=1);

namespace App\Models;

use App\Rig\Scope;
use Illuminate\Database\Eloquent\Model;

/**
 * A token that a program, or a phone as a panel, talks to the rig with.
 *
 * @property string               $id
 * @property string               $name
 * @property int                  $seen  when a phone asked last, in seconds of the epoch; 0 for a program
 * @property string               $hash  of the token, SHA-256 in hex digits
 * @property string               $screen of a phone, "390x844" in dots; empty if it has not said
 * @property string               $host  by which a phone was paired; empty if that is not known
 * @property array<string, mixed>       $scope as Scope::toArray() gives it
 * @property \Illuminate\Support\Carbon $created_at
 */
final class TokenRecord extends Model
{
    protected $table = 'tokens';

    protected $guarded = [];

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['scope' => 'array'];

    /** The touch panel that a phone is; empty for a program. */
    public function panelOf(): string
    {
        return Scope::of($this->scope)->panel;
    }
}
