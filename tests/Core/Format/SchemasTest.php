<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Exchange\PanelFile;
use Nailrod\Core\Exchange\Shelf\ShelfItem;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\SetDocument;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Laws\World;

/** The published schemas and the readers say the same of a file. */
final class SchemasTest extends TestCase
{
    private const ROOT = __DIR__.'/../../../';

    private static function fitsSchema(string $kind, string $json): bool
    {
        $schema = json_decode((string) file_get_contents(self::ROOT.'schema/'.$kind.'.schema.json'));

        return (new Validator)->validate(json_decode($json), $schema)->isValid();
    }

    private static function fitsReader(string $kind, string $json): bool
    {
        try {
            $node = Node::of(Json::decode($json));
            match ($kind) {
                'device' => DeviceReader::read($node),
                'catalogue' => Catalogue::read($node),
                'layout' => KeyLayout::read($node),
                'panel' => PanelFile::read($node),
                'shelf' => ShelfItem::read($node),
                default => SetDocument::read($node),
            };

            return true;
        } catch (FormatError) {
            return false;
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        foreach (
            [
                'device' => 'demo/devices', 'catalogue' => 'demo/catalogues', 'set' => 'demo/sets',
                'layout' => 'layouts',
            ] as $kind => $folder
        ) {
            foreach (glob(self::ROOT.$folder.'/*.json') ?: [] as $file) {
                yield basename($file) => [$kind, (string) file_get_contents($file)];
            }
        }
    }

    public function test_a_panel_that_is_written_fits_both_and_one_that_is_spoilt_neither(): void
    {
        $demo = new DemoSets(withPanels: true);
        foreach (['skerrywing' => 'mail-route', 'hairpin-ladder' => 'pit-board'] as $id => $panel) {
            $document = PanelFile::write(
                (new Assembly($demo))->assemble($demo->set($id) ?? self::fail()),
                'clover',
                $panel,
                null,
            );
            $this->assertSame(
                [true, true],
                [
                    self::fitsSchema('panel', Json::encode($document)),
                    self::fitsReader('panel', Json::encode($document)),
                ],
            );
            foreach (
                [
                    ['pages' => []], ['name' => ''], ['moon' => 1], ['version' => 2],
                    ['actions' => ['horn' => ['name' => 'Horn']]],
                ] as $spoilt
            ) {
                $this->assertSame(
                    [false, false],
                    [
                        self::fitsSchema('panel', Json::encode($spoilt + $document)),
                        self::fitsReader('panel', Json::encode($spoilt + $document)),
                    ],
                    Json::encode($spoilt),
                );
            }
        }
    }

    public function test_ready_things_fit_both_and_one_that_is_spoilt_neither(): void
    {
        foreach (glob(self::ROOT.'shelf/*.shelf.json') ?: [] as $file) {
            $json = (string) file_get_contents($file);
            $this->assertSame(
                [true, true],
                [self::fitsSchema('shelf', $json), self::fitsReader('shelf', $json)],
                $file,
            );
            foreach ([['kind' => 'sofa'], ['name' => ''], ['moon' => 1], ['version' => 2]] as $spoilt) {
                $wrong = Json::encode($spoilt + Json::decode($json));
                $this->assertSame(
                    [false, false],
                    [self::fitsSchema('shelf', $wrong), self::fitsReader('shelf', $wrong)],
                    $wrong,
                );
            }
        }
    }

    #[DataProvider('files')]
    public function test_every_demo_file_fits_schema_and_reader(string $kind, string $json): void
    {
        $this->assertTrue(self::fitsSchema($kind, $json));
        $this->assertTrue(self::fitsReader($kind, $json));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function spoilt(): iterable
    {
        $spoil = [
            ['device', 'devices/fennel.device.json', '"stand_in"', '"stands_in"'],
            ['device', 'devices/fennel.device.json', '"version": 1', '"version": 2'],
            ['device', 'devices/fennel.device.json', '"kind": "throttle"', '"kind": "thing"'],
            ['device', 'devices/fennel.device.json', '"id": "fennel"', '"id": "sim"'],
            ['device', 'devices/fennel.device.json', '"bank_bytes": 6144', '"bank_bytes": 6'],
            ['device', 'devices/fennel.device.json', '"encoder": 1', '"encoder": -1'],
            ['device', 'devices/gorse.device.json', '"hat": 1', '"hat": 400'],
            ['device', 'devices/gorse.device.json', '"centred": true', '"centred": 1'],
            ['device', 'devices/fennel.device.json', '"id": "fennel"', '"id": "made"'],
            ['device', 'devices/fennel.device.json', '"encoder": 1', '"page": 1'],
            ['device', 'devices/fennel.device.json', '"at": [', '"at": [1,'],
            ['catalogue', 'catalogues/skerrywing.catalogue.json', '"decimals"', '"figures"'],
            ['layout', '../layouts/us.layout.json', '"KeyE"', '"Key1"'],
            ['layout', '../layouts/us.layout.json', '"e"', '"ee"'],
            ['set', 'sets/house.set.json', '"k": 0.3', '"k": 1.3'],
            ['set', 'sets/house.set.json', '"kind": "expo"', '"kind": "bend"'],
            ['set', 'sets/house.set.json', '"rest": 0.02', '"rest": 0.6'],
            ['set', 'sets/house.set.json', '"name": "On water"', '"name": ""'],
            ['set', 'sets/house.set.json', '"kind": "hold layer"', '"kind": "push layer"'],
            ['set', 'sets/skerrywing.set.json', '"width_ms": 60', '"width_ms": 0'],
            ['set', 'sets/skerrywing.set.json', '"on": "press"', '"on": "touch"'],
            ['set', 'sets/skerrywing.set.json', '"nothing": true', '"nothing": false'],
            ['set', 'sets/skerrywing.set.json', '"number": 6', '"number": 600'],
            ['set', 'sets/skerrywing.set.json', '"parent": "house"', '"parent": "The House"'],
            ['catalogue', 'catalogues/skerrywing.catalogue.json', '"frame_us": 16667', '"frame_us": 16.7'],
            ['catalogue', 'catalogues/skerrywing.catalogue.json', '"do": "flip"', '"do": "turn"'],
            ['catalogue', 'catalogues/skerrywing.catalogue.json', '"lag_ms": 700', '"lag_ms": 0'],
            ['catalogue', 'catalogues/skerrywing.catalogue.json', '"with": [', '"and": ['],
        ];
        foreach ($spoil as $case) {
            yield $case[2].' to '.$case[3] => $case;
        }
    }

    #[DataProvider('spoilt')]
    public function test_what_the_reader_refuses_the_schema_refuses(
        string $kind,
        string $file,
        string $from,
        string $to,
    ): void {
        $json = (string) file_get_contents(self::ROOT.'demo/'.$file);
        $spoilt = (string) preg_replace('/'.preg_quote($from, '/').'/', $to, $json, 1);
        $this->assertNotSame($json, $spoilt);
        $this->assertFalse(self::fitsReader($kind, $spoilt), 'the reader');
        $this->assertFalse(self::fitsSchema($kind, $spoilt), 'the schema');
    }

    public function test_random_sets_that_the_reader_takes_fit_the_schema_and_come_back_as_they_were(): void
    {
        for ($seed = 0; $seed < 60; $seed++) {
            $json = (new World($seed))->set->merged->own->toJson();
            $this->assertTrue(self::fitsSchema('set', $json), 'seed '.$seed);
            $this->assertSame($json, SetDocument::fromJson($json)->toJson(), 'seed '.$seed);
        }
    }
}
