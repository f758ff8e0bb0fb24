<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What of a set is on paper: what it said when it was last printed.
 *
 * @property string                     $set_id
 * @property string                     $what       "labels fennel", "card", "list"
 * @property array<string, string>      $says
 * @property \Illuminate\Support\Carbon $updated_at when it was printed
 */
final class PrintRecord extends Model
{
    protected $table = 'prints';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['says' => 'array'];
}
