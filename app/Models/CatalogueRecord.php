<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Nailrod\Core\Mapping\Action\Catalogue;

/**
 * A simulator with the list of its actions: which of its revisions holds, and which were undone and can come back.
 *
 * @property string            $id
 * @property ?int              $head_id
 * @property list<int>         $redo    revisions that were undone, the latest last
 * @property CatalogueRevision $head
 */
final class CatalogueRecord extends Model
{
    /** @use StepsAlongRevisions<CatalogueRevision> */
    use StepsAlongRevisions;

    protected $table = 'catalogues';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['redo' => 'array'];

    /** @return BelongsTo<CatalogueRevision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(CatalogueRevision::class, 'head_id');
    }

    /** @return array<string, string> names of the games that are at hand, by id */
    public static function names(): array
    {
        // The name alone is read out of the document: the lists themselves are long.
        $names = self::query()->join(
            'catalogue_revisions',
            'catalogue_revisions.id',
            '=',
            'catalogues.head_id',
        )->orderBy('catalogues.id')
            ->select(
                'catalogues.id',
                'catalogue_revisions.document->name as name',
            )->toBase()->pluck('name', 'id')->all();

        return array_map(strval(...), $names);
    }

    public function catalogue(): Catalogue
    {
        return $this->head->catalogue();
    }
}
