<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Set\SetDocument;

/**
 * One state of a set. Revisions are only ever added.
 *
 * @property int                     $id
 * @property string                  $set_id
 * @property ?int                    $made_from
 * @property string                  $document
 * @property string                  $author
 * @property string                  $sentence
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Revision extends Model
{
    use NeverChanges;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'datetime'];

    public function set(): SetDocument
    {
        return SetDocument::fromOwnJson($this->document);
    }
}
