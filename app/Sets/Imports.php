<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use App\Models\SetRecord;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Exchange\CatalogueTable;
use Nailrod\Core\Exchange\Incoming;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/** Files that were brought and are looked at before they are taken: kept for an hour, as they came. */
final class Imports
{
    private const KEPT_SECONDS = 3600;

    public function __construct(private readonly SetStore $sets) {}

    /** @return string the id under which it waits */
    public function keep(string $name, string $text): string
    {
        Incoming::read($text, new DatabaseLibrary);
        $id = bin2hex(random_bytes(8));
        Cache::put('import-'.$id, ['name' => $name, 'text' => $text], self::KEPT_SECONDS);

        return $id;
    }

    /** @return array{name: string, incoming: Incoming} what waits under an id */
    public function open(string $id): array
    {
        $kept = Cache::get('import-'.$id);
        if (! is_array($kept) || ! is_string($kept['text'] ?? null) || ! is_string($kept['name'] ?? null)) {
            throw FormatError::told('', 'no file that waits', 'one that was brought within the last hour; bring it again');
        }

        return ['name' => $kept['name'], 'incoming' => Incoming::read($kept['text'], new DatabaseLibrary)];
    }

    public function forget(string $id): void
    {
        Cache::forget('import-'.$id);
    }

    /**
     * Takes a set with what it needs. What is at hand already is used as it is.
     *
     * @param array<string, string> $match devices of the file that stand for others here: the one here, by the one there
     */
    public function takeSet(Incoming $incoming, string $name, ?string $parent, array $match): SetRecord
    {
        $bundle = $incoming->bundle ?? throw new \LogicException('Only a set can be taken as one.');

        return DB::transaction(function () use ($incoming, $bundle, $name, $parent, $match): SetRecord {
            $this->bring($incoming, $match);
            $chain = [];
            for ($at = $bundle->set->parent; $at !== null && isset($bundle->sets[$at]) && ! isset($chain[$at]) && SetRecord::query()->find($at) === null; $at = $bundle->sets[$at]->parent) {
                $chain[$at] = $bundle->sets[$at];
            }
            foreach (array_reverse($chain) as $document) {
                $this->create($this->matched($document, $match), 'Came with '.$name.'.');
            }
            $set = $this->matched($bundle->set, $match);
            $parent = $set->parent !== null && SetRecord::query()->find($set->parent) !== null ? $set->parent : $parent;
            // A parent that was deleted here is needed again, and so are its own.
            for ($at = $parent; $at !== null; $at = $record->parent) {
                $record = SetRecord::query()->findOrFail($at);
                $record->update(['removed' => false]);
            }

            return $this->create($set->placed(self::freeId($set->id), $name, $parent), 'Taken from a file.');
        });
    }

    /** Takes a catalogue; its id must be free, since sets rely on the one that is there. */
    public function takeCatalogue(string $document): CatalogueRecord
    {
        $catalogue = Catalogue::read(Node::of(Json::decode($document)));
        if (CatalogueRecord::query()->find($catalogue->id) !== null) {
            throw FormatError::told('id', '"'.$catalogue->id.'", which is at hand already and may be in use', 'another id; change the field "id" of the file');
        }

        return CatalogueRecord::query()->create(['id' => $catalogue->id, 'document' => $document]);
    }

    /** A catalogue out of a table, and an empty set for it. */
    public function takeTable(string $csv, string $name, int $buttons, int $axes, ?string $parent): SetRecord
    {
        return DB::transaction(function () use ($csv, $name, $buttons, $axes, $parent): SetRecord {
            $id = self::freeId($name);
            $this->takeCatalogue(Json::compact(CatalogueTable::document($csv, $id, $name, $buttons, $axes)));

            return $this->begin($id, $name, $parent, $id, 'Begun for a catalogue out of a table.');
        });
    }

    /** A set for a game that is at hand, with the keys of a list. */
    public function takeKeys(string $csv, string $simulator, string $name, ?string $parent): SetRecord
    {
        $catalogue = CatalogueRecord::query()->findOrFail($simulator)->catalogue();
        $document = $this->fresh(self::freeId($name), $name, $parent, $simulator);
        foreach (Keys::each(KeyList::read($csv, $catalogue)) as $action => $key) {
            $document = $document->with(PartPath::way((string) $action), $key->toArray());
        }

        return DB::transaction(fn () => $this->create($document, 'Begun with the keys of a list.'));
    }

    /** An empty set below another one. */
    public function begin(string $id, string $name, ?string $parent, ?string $simulator, string $sentence): SetRecord
    {
        return DB::transaction(fn () => $this->create($this->fresh($id, $name, $parent, $simulator), $sentence));
    }

    public static function freeId(string $wish): string
    {
        return Ids::free($wish, 'set', fn (string $id): bool => SetRecord::query()->find($id) !== null || CatalogueRecord::query()->find($id) !== null && $id !== $wish);
    }

    private function fresh(string $id, string $name, ?string $parent, ?string $simulator): SetDocument
    {
        return SetDocument::read(Node::of(array_filter(['format' => SetDocument::FORMAT, 'version' => 1, 'id' => $id, 'name' => $name, 'parent' => $parent, 'simulator' => $simulator], fn ($value) => $value !== null)));
    }

    private function create(SetDocument $document, string $sentence): SetRecord
    {
        $this->sets->assemble($document);

        return $this->sets->create($document, 1 + (int) SetRecord::query()->where('id', '!=', '')->min('position') + SetRecord::query()->count(), 'you', $sentence);
    }

    /** @param array<string, string> $match */
    private function matched(SetDocument $document, array $match): SetDocument
    {
        foreach ($match as $old => $new) {
            $document = $new === '' ? $document : $document->withDevice($old, $new);
        }

        return $document;
    }

    /**
     * Devices and catalogues of the file that are not at hand yet.
     *
     * @param array<string, string> $match those that stand for others here are not brought
     */
    private function bring(Incoming $incoming, array $match): void
    {
        foreach ($incoming->bundle->documents ?? [] as $path => $document) {
            [$section, $id] = explode('/', $path, 2);
            if ($section === 'catalogues' && CatalogueRecord::query()->find($id) === null) {
                CatalogueRecord::query()->create(['id' => $id, 'document' => Json::compact($document)]);
            }
            if ($section === 'devices' && DeviceRecord::query()->find($id) === null && ($match[$id] ?? '') === '') {
                DeviceRecord::query()->create(['id' => $id, 'position' => DeviceRecord::query()->count(), 'document' => Json::compact($document)]);
            }
        }
    }
}
