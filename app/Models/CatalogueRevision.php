<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;

/**
 * One state of the list of actions of a simulator.
 *
 * @property int                          $id
 * @property string                       $catalogue_id
 * @property ?int                         $made_from
 * @property string                       $document
 * @property string                       $sentence
 * @property array<string, array{int, int}> $sets      what became of the sets with it: their revisions before and
 * after, by id
 * @property \Illuminate\Support\Carbon   $created_at
 */
final class CatalogueRevision extends Model
{
    use NeverChanges;

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['sets' => 'array', 'created_at' => 'datetime'];

    public function catalogue(): Catalogue
    {
        return Catalogue::read(Node::of(Json::decode($this->document)));
    }
}
