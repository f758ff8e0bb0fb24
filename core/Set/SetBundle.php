<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Device\DeviceReader;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Typing\KeyLayout;

/**
 * A set file with what it refers to merged in: a set document with one more field, `with`, which holds lists of
 * `sets`, `devices` and `catalogues`. What is not in the file is asked of the library beside it.
 */
final readonly class SetBundle implements Library
{
    /**
     * @param array<string, SetDocument> $sets
     * @param array<string, Device>      $devices
     * @param array<string, Catalogue>   $catalogues
     */
    private function __construct(
        public SetDocument $set,
        private array $sets,
        private array $devices,
        private array $catalogues,
        private Library $beside,
    ) {}

    public static function read(string $json, Library $beside): self
    {
        $document = Json::decode($json);
        $with = Node::of($document['with'] ?? [], 'with')->only(['sets', 'devices', 'catalogues']);
        unset($document['with']);
        $sets = $devices = $catalogues = [];
        foreach ($with->maybe('sets')?->list(8) ?? [] as $node) {
            $set = SetDocument::read($node);
            $sets[$set->id] = $set;
        }
        foreach ($with->maybe('devices')?->list(64) ?? [] as $node) {
            $device = DeviceReader::read($node);
            $devices[$device->id] = $device;
        }
        foreach ($with->maybe('catalogues')?->list(8) ?? [] as $node) {
            $catalogue = Catalogue::read($node);
            $catalogues[$catalogue->id] = $catalogue;
        }

        return new self(SetDocument::read(Node::of($document)), $sets, $devices, $catalogues, $beside);
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
}
