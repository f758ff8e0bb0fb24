<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Exchange\Shelf\ShelfItem;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;

/**
 * A ready thing of the owner's.
 *
 * @property int    $id
 * @property string $name
 * @property string $document in the open format `nailrod-shelf`
 * @property bool   $removed  it is not listed, and can be brought back
 */
final class ShelfRecord extends Model
{
    protected $table = 'shelf';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['removed' => 'boolean'];

    public function item(): ShelfItem
    {
        return ShelfItem::read(Node::of(Json::decode($this->document)));
    }
}
