<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use App\Models\SetRecord;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/** Files that were brought, and lists that are being changed, looked at before they are taken: kept for an hour. */
final class PendingImports
{
    private const KEPT_SECONDS = 3600;

    /** Of a list that is written by hand: the time between two looks of its game, in µs. */
    private const USUAL_FRAME = 16_667;

    /** The id of a list that has none of its own: see Incoming. */
    private const TABLE = 'table';

    public function __construct(private readonly SetStore $sets, private readonly CatalogueStore $catalogues) {}

    /**
     * @param string $below the set below which it was asked for; empty if none was
     *
     * @return string the id under which it waits
     */
    public function keep(string $name, string $text, string $below = ''): string
    {
        ImportedFile::read($text, new DatabaseLibrary);

        return self::put(
            bin2hex(random_bytes(8)),
            ['name' => $name, 'text' => $text] + ($below === '' ? [] : ['below' => $below]),
        );
    }

    /** The list of a simulator that is at hand, to be changed. */
    public function keepList(Catalogue $catalogue, string $set): string
    {
        return self::put(
            bin2hex(random_bytes(8)),
            ['name' => 'The list of '.$catalogue->name, 'text' => Json::compact($catalogue->toArray()), 'from' => $set],
        );
    }

    /** A list of a game in which nothing stands yet, to be written. */
    public function keepEmptyList(string $name, string $below): string
    {
        return $this->keep($name, Json::compact([
            'format' => Catalogue::FORMAT, 'version' => 1, 'id' => self::TABLE, 'name' => $name, 'vehicle' => 'vehicle',
            'frame_us' => self::USUAL_FRAME, 'sees' => ['buttons' => 32, 'axes' => 8], 'groups' => [], 'actions' => [],
            'variables' => [],
        ]), $below);
    }

    /** @return array{name: string, incoming: ImportedFile} what waits under an id */
    public function open(string $id): array
    {
        $kept = self::kept($id);

        return ['name' => $kept['name'], 'incoming' => ImportedFile::read($kept['text'], new DatabaseLibrary)];
    }

    /** A list that waits under an id, as it was changed since. */
    public function list(string $id, ImportedFile $incoming, string $for): ListImport
    {
        $kept = self::kept($id);

        return new ListImport(
            $incoming,
            $kept['name'],
            $for,
            array_map(
                fn (string $document) => Catalogue::read(Node::of(Json::decode($document))),
                $kept['lists'] ?? [],
            ),
            $kept['from'] ?? null,
            $kept['below'] ?? '',
        );
    }

    /** What was changed in a list that waits. */
    public function say(string $id, ListImport $list): void
    {
        $kept = self::kept($id);
        self::put(
            $id,
            ['lists' => [$list->for => Json::compact($list->catalogue->toArray())] + ($kept['lists'] ?? [])] + $kept,
        );
    }

    /** @param array{name: string, text: string, from?: string, below?: string, lists?: array<string, string>} $kept */
    private static function put(string $id, array $kept): string
    {
        Cache::put('import-'.$id, $kept, self::KEPT_SECONDS);

        return $id;
    }

    /** @return array{name: string, text: string, from?: string, below?: string, lists?: array<string, string>} */
    private static function kept(string $id): array
    {
        $kept = Cache::get('import-'.$id);
        if (! is_array($kept) || ! is_string($kept['text'] ?? null) || ! is_string($kept['name'] ?? null)) {
            throw FormatError::told(
                '',
                'no file that waits',
                'one that was brought within the last hour; bring it again',
            );
        }

        /**
         * @var array{name: string, text: string, from?: string, below?: string, lists?: array<string, string>} $kept
         */
        return $kept;
    }

    public function forget(string $id): void
    {
        Cache::forget('import-'.$id);
    }

    /**
     * Takes a set with what it needs. What is at hand already is used as it is.
     *
     * @param array<string, string> $match devices of the file that stand for others
     *                                     here: the one here, by the one there
     */
    public function takeSet(ImportedFile $incoming, string $name, ?string $parent, array $match): SetRecord
    {
        $bundle = $incoming->bundle ?? throw new \LogicException('Only a set can be taken as one.');

        return DB::transaction(function () use ($incoming, $bundle, $name, $parent, $match): SetRecord {
            $this->bring($incoming, $match);
            $chain = [];
            for (
                $at = $bundle->set->parent; $at !== null
                    && isset($bundle->sets[$at])
                    && ! isset($chain[$at])
                    && SetRecord::query()
                    ->find($at) === null; $at = $bundle->sets[$at]->parent
            ) {
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

    /** A simulator that was not at hand yet, and an empty set for it. */
    public function takeList(Catalogue $catalogue, string $name, ?string $parent): SetRecord
    {
        return DB::transaction(function () use ($catalogue, $name, $parent): SetRecord {
            $set = self::freeId($name);
            $id = Ids::free(
                $catalogue->id === self::TABLE ? $set : $catalogue->id,
                'game',
                fn (string $id): bool => CatalogueRecord::query()->find($id) !== null,
            );
            $this->catalogues->create(
                $catalogue->called($id, OwnNames::simulator($catalogue->name)),
                'Taken from a file.',
            );

            return $this->begin($set, $name, $parent, $id, 'Begun for the list of '.$catalogue->name.'.');
        });
    }

    /** A set for a game that is at hand, with the keys of a list. */
    public function takeKeys(string $csv, string $simulator, string $name, ?string $parent): SetRecord
    {
        $catalogue = $this->catalogues->open($simulator)->catalogue();
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
        return Ids::free(
            $wish,
            'set',
            fn (string $id): bool => SetRecord::query()
                ->find($id) !== null || CatalogueRecord::query()
                ->find($id) !== null && $id !== $wish,
        );
    }

    private function fresh(string $id, string $name, ?string $parent, ?string $simulator): SetDocument
    {
        return SetDocument::read(Node::of(array_filter(
            [
                'format' => SetDocument::FORMAT,
                'version' => 1,
                'id' => $id,
                'name' => $name,
                'parent' => $parent,
                'simulator' => $simulator,
            ],
            fn ($value) => $value !== null,
        )));
    }

    private function create(SetDocument $document, string $sentence): SetRecord
    {
        $this->sets->assemble($document);

        return $this->sets->create(
            $document,
            1 + (int) SetRecord::query()->where('id', '!=', '')->min('position') + SetRecord::query()->count(),
            'you',
            $sentence,
        );
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
    private function bring(ImportedFile $incoming, array $match): void
    {
        foreach ($incoming->bundle->documents ?? [] as $path => $document) {
            [$section, $id] = explode('/', $path, 2);
            if ($section === 'catalogues' && CatalogueRecord::query()->find($id) === null) {
                $this->catalogues->create(Catalogue::read(Node::of($document)), 'Came with a set.');
            }
            if ($section === 'devices' && DeviceRecord::query()->find($id) === null && ($match[$id] ?? '') === '') {
                DeviceRecord::query()->create(
                    ['id' => $id, 'position' => DeviceRecord::query()->count(), 'document' => Json::compact($document)],
                );
            }
        }
    }
}
