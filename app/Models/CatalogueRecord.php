<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;

/**
 * @property string $id
 * @property string $document
 */
final class CatalogueRecord extends Model
{
    protected $table = 'catalogues';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> names of the games that are at hand, by id */
    public static function names(): array
    {
        return self::all()->sortBy('id')->mapWithKeys(fn (self $record) => [$record->id => $record->catalogue()->name])->all();
    }

    public function catalogue(): Catalogue
    {
        return Catalogue::read(Node::of(Json::decode($this->document)));
    }
}
