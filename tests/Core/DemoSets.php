<?php

declare(strict_types=1);

namespace Tests\Core;

use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Typing\KeyLayout;
use Nailrod\Core\Wiring\DeviceReader;

/** The demo files as a library, without a framework. */
final class DemoSets implements Library
{
    private const FOLDER = __DIR__.'/../../demo/';

    public static function skerrywing(?SetDocument $instead = null): BindingSet
    {
        $library = new self;
        $set = $instead ?? $library->set('skerrywing');
        assert($set !== null);

        return (new Assembly($library))->assemble($set);
    }

    public function set(string $id): ?SetDocument
    {
        return SetDocument::read($this->node('sets/'.$id.'.set.json'));
    }

    public function device(string $id): ?Device
    {
        return DeviceReader::read($this->node('devices/'.$id.'.device.json'));
    }

    public function layout(string $id): ?KeyLayout
    {
        $file = __DIR__.'/../../layouts/'.$id.'.layout.json';

        return is_file($file) ? KeyLayout::fromJson((string) file_get_contents($file)) : null;
    }

    public function catalogue(string $id): ?Catalogue
    {
        return Catalogue::read($this->node('catalogues/'.$id.'.catalogue.json'));
    }

    private function node(string $file): Node
    {
        return Node::of(Json::decode((string) file_get_contents(self::FOLDER.$file)));
    }
}
