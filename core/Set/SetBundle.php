<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/**
 * A set file with what it refers to merged in: a set document with one more field, `with`, which holds lists of
 * `sets`, `devices` and `catalogues`. What is not in the file is asked of the library beside it.
 */
final readonly class SetBundle implements Library
{
    /**
     * @param array<string, SetDocument>          $sets
     * @param array<string, Device>               $devices
     * @param array<string, Catalogue>            $catalogues
     * @param array<string, array<string, mixed>> $documents the devices and
     *                                         catalogues as they stand in the file, by "devices/ID" and "catalogues/ID"
     */
    private function __construct(
        public SetDocument $set,
        public array $sets,
        public array $devices,
        public array $catalogues,
        public array $documents,
        private Library $beside,
    ) {}

    public static function read(string $json, Library $beside): self
    {
        return self::of(Json::decode($json), $beside);
    }

    /** @param array<array-key, mixed> $document */
    public static function of(array $document, Library $beside): self
    {
        $with = Node::of($document['with'] ?? [], 'with')->only(['sets', 'devices', 'catalogues']);
        unset($document['with']);
        $sets = $devices = $catalogues = $documents = [];
        foreach ($with->maybe('sets')?->list(8) ?? [] as $node) {
            $set = SetDocument::read($node);
            $sets[$set->id] = $set;
        }
        foreach ($with->maybe('devices')?->list(64) ?? [] as $node) {
            $device = DeviceReader::read($node);
            $devices[$device->id] = $device;
            $documents['devices/'.$device->id] = $node->plain();
        }
        foreach ($with->maybe('catalogues')?->list(8) ?? [] as $node) {
            $catalogue = Catalogue::read($node);
            $catalogues[$catalogue->id] = $catalogue;
            $documents['catalogues/'.$catalogue->id] = $node->plain();
        }

        return new self(SetDocument::read(Node::of($document)), $sets, $devices, $catalogues, $documents, $beside);
    }

    public function set(string $id): ?SetDocument
    {
        return $this->sets[$id] ?? $this->beside->set($id);
    }

    public function device(string $id): ?Device
    {
        return $this->devices[$id] ?? $this->beside->device($id);
    }

    public function catalogue(string $id): ?Catalogue
    {
        return $this->catalogues[$id] ?? $this->beside->catalogue($id);
    }

    public function layout(string $id): ?KeyLayout
    {
        return $this->beside->layout($id);
    }

    /**
     * A file that stands alone: a set with its parents, its devices and its simulator. One that would be too large to
     * be read again is written on one line.
     *
     * @param non-empty-list<SetDocument>  $chain      the root first, the set itself last
     * @param list<array<array-key, mixed>> $devices    documents in the open format
     * @param list<array<array-key, mixed>> $catalogues the same
     *
     * @throws \Nailrod\Core\Format\FormatError if it is too large even so
     */
    public static function write(array $chain, array $devices, array $catalogues): string
    {
        $set = Json::decode($chain[count($chain) - 1]->toJson());
        $with = [
            'sets' => array_map(
                fn (SetDocument $parent) => Json::decode($parent->toJson()),
                array_slice($chain, 0, -1),
            ),
            'devices' => $devices,
            'catalogues' => $catalogues,
        ];

        $bundle = $set + ['with' => array_filter($with)];
        $text = Json::encode($bundle);
        if (strlen($text) > Json::MAX_BYTES) {
            $text = Json::compact($bundle);
            Json::mustFit($text);
        }

        return $text;
    }
}
