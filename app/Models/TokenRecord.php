<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A token that a program talks to the rig with.
 *
 * @property string               $id
 * @property string               $name
 * @property string               $hash  of the token, SHA-256 in hex digits
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
}
