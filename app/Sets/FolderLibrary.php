<?php

declare(strict_types=1);

namespace App\Sets;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/**
 * Documents beside a file: in its folder as ID.set.json, ID.device.json, ID.catalogue.json, or in sets/, devices/ and
 * catalogues/ next to it.
 */
final class FolderLibrary implements Library
{
    public function __construct(private readonly string $folder) {}

    public function set(string $id): ?SetDocument
    {
        return $this->read($id, 'set', SetDocument::read(...));
    }

    public function device(string $id): ?Device
    {
        return $this->read($id, 'device', DeviceReader::read(...));
    }

    public function layout(string $id): ?KeyLayout
    {
        return Layouts::find($id);
    }

    public function catalogue(string $id): ?Catalogue
    {
        return $this->read($id, 'catalogue', Catalogue::read(...));
    }

    /**
     * @template T
     *
     * @param callable(Node): T $reader
     *
     * @return ?T
     */
    private function read(string $id, string $kind, callable $reader): mixed
    {
        foreach ([$this->folder, $this->folder.'/../'.$kind.'s'] as $folder) {
            $file = $folder.'/'.$id.'.'.$kind.'.json';
            if (is_file($file)) {
                try {
                    return $reader(Node::of(Json::decode((string) file_get_contents($file))));
                } catch (FormatError $error) {
                    throw $error->in(basename($file));
                }
            }
        }

        return null;
    }
}
