<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
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
 * @property bool      $put_away it is of the demo, which was put away as a whole
 * @property ?array<string, string> $steps of the root of a rig that was begun: which first steps were done or skipped,
 * by their names; null if none are listed
 * @property Revision  $head
 */
final class SetRecord extends Model
{
    /** @use StepsAlongRevisions<Revision> */
    use StepsAlongRevisions;

    protected $table = 'sets';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['redo' => 'array', 'removed' => 'boolean', 'put_away' => 'boolean', 'steps' => 'array'];

    /** @return BelongsTo<Revision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'head_id');
    }

    /** @return Builder<self> those that are listed and can be opened, in no order */
    public static function shown(): Builder
    {
        return self::query()->where('removed', false)->where('put_away', false);
    }

    public static function nameOf(string $id): ?string
    {
        $name = self::query()->where('id', $id)->value('name');

        return is_string($name) ? $name : null;
    }
}
