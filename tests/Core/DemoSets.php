<?php

declare(strict_types=1);

namespace Tests\Core;

use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/**
 * The demo files as a library, without a framework. The touch panel is as new unless its panels are asked for: most
 * tests are about the rest of the rig.
 */
final class DemoSets implements Library
{
    private const FOLDER = __DIR__.'/../../demo/';

    public function __construct(private readonly bool $withPanels = false) {}

    public static function skerrywing(?SetDocument $instead = null): BindingSet
    {
        $library = new self;
        $set = $instead ?? $library->set('skerrywing');
        assert($set !== null);

        return (new Assembly($library))->assemble($set);
    }

    public function set(string $id): ?SetDocument
    {
        $said = $this->node('sets/'.$id.'.set.json')->plain();

        return SetDocument::read(Node::of($this->withPanels ? $said : self::withoutPanels($said)));
    }

    /**
     * @param array<string, mixed> $said a set in the open format
     *
     * @return array<string, mixed> without the panels that it has, what their tiles do, and what lights them
     */
    private static function withoutPanels(array $said): array
    {
        $isOfPanel = fn (mixed $ref): bool => is_string($ref) && str_starts_with($ref, 'clover/');
        unset($said['panels'], $said['settings']['clover']);
        foreach ($said['cells'] ?? [] as $layer => $cells) {
            $said['cells'][$layer] = array_filter($cells, fn (string $ref) => ! $isOfPanel($ref), ARRAY_FILTER_USE_KEY);
        }
        foreach ($said['lamps'] ?? [] as $id => $rule) {
            $also = array_values(array_filter($rule['also'] ?? [], fn (string $lamp) => ! $isOfPanel($lamp)));
            $said['lamps'][$id] = array_filter(['also' => $also] + $rule, fn (mixed $value) => $value !== []);
        }
        $said['lamps'] = array_filter($said['lamps'] ?? [], fn (array $rule) => ! $isOfPanel($rule['lamp'] ?? ''));

        return array_filter($said, fn (mixed $part) => $part !== []);
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
