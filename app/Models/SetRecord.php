<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A binding set: which of its revisions holds, and which were undone and can come back.
 *
 * @property string    $id
 * @property int       $position
 * @property ?int      $head_id
 * @property list<int> $redo     revisions that were undone, the latest last
 * @property string    $name     of the head, and what it inherits from
 * @property ?string   $parent
 * @property ?string   $program  key of the compiled program of the head
 * @property bool      $removed  it is not listed, and can be brought back
 * @property Revision  $head
 */
final class SetRecord extends Model
{
    protected $table = 'sets';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['redo' => 'array', 'removed' => 'boolean'];

    /** @return BelongsTo<Revision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'head_id');
    }

    public static function nameOf(string $id): ?string
    {
        $name = self::query()->where('id', $id)->value('name');

        return is_string($name) ? $name : null;
    }
}
