<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\ShelfRecord;
use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Exchange\Shelf\PanelPages;
use Nailrod\Core\Exchange\Shelf\ShelfItem;
use Nailrod\Core\Exchange\Shelf\ShelfKinds;
use Nailrod\Core\Exchange\Shelf\WholeSet;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Set\BindingSet;

/** Ready things: those that ship with the application, and the owner's own. */
final class Shelf
{
    /** What a file of one can be large, in bytes. */
    private const MOST_BYTES = 2_000_000;

    /** Parts of a set that are about its owner and what he has at hand, not about what it does. */
    private const OWNERS = ['controls', 'sizes', 'meant'];

    /** Fields of a device file that are of one unit alone. */
    private const SERIALS = ['serial', 'more_serials'];

    public function __construct(private readonly Exports $exports) {}

    /**
     * @return array<string, ShelfItem> those that ship, by id: the starting shapes, and the files of the folder `shelf`
     */
    public static function shipped(): array
    {
        $items = [];
        foreach (StartingShape::all() as $id => $shape) {
            if ($shape->parts !== []) {
                $items['shape-'.$id] = ShelfItem::ofShape($shape);
            }
        }
        foreach (glob(base_path('shelf/*.shelf.json')) ?: [] as $file) {
            $items[basename($file, '.shelf.json')] = ShelfItem::read(
                Node::of(Json::decode((string) file_get_contents($file))),
            );
        }

        return $items;
    }

    /** @return array<string, ShelfItem> the owner's, by id, the latest first */
    public static function own(): array
    {
        $items = [];
        foreach (ShelfRecord::query()->where('removed', false)->orderByDesc('id')->get() as $record) {
            $items['own-'.$record->id] = $record->item();
        }

        return $items;
    }

    /** @return array<string, string> names of those that were taken down, by id */
    public static function removed(): array
    {
        return ShelfRecord::query()->where('removed', true)->orderByDesc('updated_at')->limit(12)->get()->mapWithKeys(
            fn (ShelfRecord $record) => ['own-'.$record->id => $record->name],
        )->all();
    }

    /** @throws FormatError if there is none of that id */
    public static function item(string $id): ShelfItem
    {
        return self::shipped()[$id] ?? self::own()[$id] ?? throw FormatError::told(
            'Shelf',
            'nothing of that name',
            'something that lies there',
        );
    }

    /**
     * Puts something of a set there.
     *
     * @param string $thing the kind and the id of it: "macro three-sacks"
     *
     * @throws FormatError if the set has no such thing
     */
    public function put(BindingSet $set, string $thing, string $name, string $about): ShelfRecord
    {
        [$kind, $id] = [...explode('|', $thing, 2), ''];
        $class = ShelfKinds::all()[$kind] ?? throw FormatError::told(
            'Thing',
            $kind,
            implode(', ', array_keys(ShelfKinds::all())),
        );
        if (! isset($class::offered($set)[$id])) {
            throw FormatError::told('Thing', 'one that is not here', 'something of '.$set->merged->own->name);
        }

        return self::keep(match ($class) {
            PanelPages::class => ShelfItem::holding($class, self::panel($set, $id), $name, $about),
            WholeSet::class => ShelfItem::holding($class, $this->bundle($set->merged->own->id), $name, $about),
            default => ShelfItem::of($set, $class, $id, $name, $about),
        });
    }

    /** @throws FormatError with the place of what is wrong */
    public static function bring(string $content, string $file): ShelfRecord
    {
        if (strlen($content) > self::MOST_BYTES) {
            throw FormatError::told($file, 'more than 2 MB', 'a ready thing, which is smaller');
        }
        try {
            return self::keep(ShelfItem::read(Node::of(Json::decodeStrictly($content))));
        } catch (FormatError $error) {
            throw $error->in($file);
        }
    }

    private static function keep(ShelfItem $item): ShelfRecord
    {
        return ShelfRecord::query()->create(['name' => $item->name, 'document' => Json::encode($item->toArray())]);
    }

    /** @return array<string, mixed> */
    private static function panel(BindingSet $set, string $id): array
    {
        [$device, $panel, $page] = [...explode(' ', $id, 3), '', ''];

        return PanelFile::write($set, $device, $panel, (int) $page);
    }

    /**
     * @return array<array-key, mixed> a set that stands alone, without what is its owner's: serials, names of controls,
     *    sizes, reasons
     */
    private function bundle(string $set): array
    {
        $bundle = Json::decode($this->exports->bundle($set));
        $with = is_array($bundle['with'] ?? null) ? $bundle['with'] : [];
        foreach (['sets' => self::OWNERS, 'devices' => self::SERIALS] as $list => $fields) {
            $with[$list] = array_map(
                fn (mixed $one) => is_array($one) ? array_diff_key($one, array_flip($fields)) : $one,
                is_array($with[$list] ?? null) ? $with[$list] : [],
            );
        }
        $bundle = ['with' => array_filter($with)] + array_diff_key($bundle, array_flip(self::OWNERS));

        return $bundle;
    }
}
