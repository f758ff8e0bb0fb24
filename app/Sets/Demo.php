<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\DeviceRecord;
use App\Models\Revision;
use App\Models\SetRecord;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\SetDocument;

/** The demo rig with its simulators and sets: loaded, put away, brought back as it was. */
final class Demo
{
    private const DEVICES = [
        'fennel',
        'gorse',
        'sedge',
        'rowan',
        'bracken',
        'teasel',
        'clover',
        'burdock',
        'mouse',
        'phrases',
    ];
    private const CATALOGUES = ['skerrywing', 'hairpin-ladder', 'quay-cable'];

    /** Places in the list of sets, by id, parents first; the last one is what opens. */
    private const SETS = [
        'house' => 0,
        'quay-cable' => 1,
        'hairpin-ladder' => 2,
        'marl' => 3,
        'skerrywing' => 9,
        'knot' => 5,
        'dunlin' => 4,
    ];

    /** The set that others inherit from, and the one that is opened. */
    private const ROOT = 'house';
    private const OPENS = 'skerrywing';

    /** Who writes what it is loaded with. */
    private const AUTHOR = 'demo';

    public function __construct(private readonly SetStore $sets, private readonly CatalogueStore $catalogues) {}

    /** Loads it into a database in which there is nothing yet. */
    public function load(): void
    {
        foreach (self::DEVICES as $position => $id) {
            $json = $this->file('devices/'.$id.'.device.json');
            $device = DeviceReader::read(Node::of(Json::decode($json)));
            DeviceRecord::query()->create(['id' => $device->id, 'position' => $position, 'document' => $json]);
        }
        foreach (self::CATALOGUES as $id) {
            $this->catalogues->create(
                Catalogue::read(Node::of(Json::decode($this->file('catalogues/'.$id.'.catalogue.json')))),
                'Loaded from the demo files.',
            );
        }
        foreach (Keys::each(self::SETS) as $id => $position) {
            $set = SetDocument::fromJson($this->file('sets/'.$id.'.set.json'));
            $this->sets->assemble($set);
            $this->sets->create($set, $position, self::AUTHOR, 'Loaded from the demo files.');
        }
    }

    /** Is there a demo that could be put away, or brought back? */
    public static function isLoaded(): bool
    {
        return SetRecord::query()->where('id', self::ROOT)->whereIn(
            'id',
            Revision::query()->where('author', self::AUTHOR)->select('set_id'),
        )->exists();
    }

    public static function isAway(): bool
    {
        return SetRecord::query()->where('id', self::ROOT)->where('put_away', true)->exists();
    }

    /** Id of the set that is opened to look around; null if the demo is not there. */
    public static function opens(): ?string
    {
        $open = SetRecord::shown()
            ->where('id', self::OPENS)
            ->value('id') ?? SetRecord::shown()
            ->where('id', self::ROOT)
            ->value('id');

        return is_string($open) ? $open : null;
    }

    /** It is not listed any more, nor is what inherits from it; nothing of it is lost. */
    public static function putAway(): void
    {
        SetRecord::query()->whereIn('id', [self::ROOT, ...SetTree::heirs(self::ROOT)])->update(['put_away' => true]);
    }

    /** All of it is there again as it was. */
    public static function bringBack(): void
    {
        SetRecord::query()->where('put_away', true)->update(['put_away' => false]);
    }

    /** Is it the set that all of the demo inherits from? */
    public static function isOf(SetRecord $root): bool
    {
        return $root->id === self::ROOT && self::isLoaded();
    }

    /** Has anybody said anything here yet, or is all as it was loaded? */
    public static function isUntouched(): bool
    {
        return ! Revision::query()->where('author', '!=', self::AUTHOR)->exists();
    }

    /** @return list<string> ids of its simulators, which are put away with it */
    public static function catalogues(): array
    {
        return self::CATALOGUES;
    }

    private function file(string $name): string
    {
        return (string) file_get_contents(config('nailrod.demo').'/'.$name);
    }
}
