<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\DeviceRecord;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\SetStore;
use Illuminate\Console\Command;
use Nailrod\Core\Action\Catalogue;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Wiring\DeviceReader;

final class DemoCommand extends Command
{
    private const DEVICES = ['fennel', 'gorse', 'sedge', 'rowan', 'bracken', 'teasel', 'clover', 'burdock', 'mouse', 'phrases'];
    private const CATALOGUES = ['skerrywing', 'hairpin-ladder', 'quay-cable'];
    /** Places in the list of sets, by id, parents first; the last one is what opens. */
    private const SETS = ['house' => 0, 'quay-cable' => 1, 'hairpin-ladder' => 2, 'marl' => 3, 'skerrywing' => 9, 'knot' => 5, 'dunlin' => 4];

    protected $signature = 'nailrod:demo';

    protected $description = 'Loads the demo rig, its simulators and sets into an empty database';

    public function handle(SetStore $store, CatalogueStore $catalogues): int
    {
        if (SetRecord::query()->count() > 0) {
            $this->line('The database is in use already; the demo was not loaded again.');

            return self::SUCCESS;
        }
        foreach (self::DEVICES as $position => $id) {
            $json = $this->file('devices/'.$id.'.device.json');
            $device = DeviceReader::read(Node::of(Json::decode($json)));
            DeviceRecord::query()->create(['id' => $device->id, 'position' => $position, 'document' => $json]);
        }
        foreach (self::CATALOGUES as $id) {
            $catalogues->create(Catalogue::read(Node::of(Json::decode($this->file('catalogues/'.$id.'.catalogue.json')))), 'Loaded from the demo files.');
        }
        foreach (Keys::each(self::SETS) as $id => $position) {
            $set = SetDocument::fromJson($this->file('sets/'.$id.'.set.json'));
            $store->assemble($set);
            $store->create($set, $position, 'demo', 'Loaded from the demo files.');
        }
        $this->line('The demo rig, its simulators and the sets are loaded.');

        return self::SUCCESS;
    }

    private function file(string $name): string
    {
        return (string) file_get_contents(config('nailrod.demo').'/'.$name);
    }
}
