<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CatalogueRecord;
use App\Models\DeviceRecord;
use App\Models\Revision;
use App\Models\SetRecord;
use App\Sets\CatalogueStore;
use App\Sets\Exports;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\SetDocument;
use Tests\TestCase;

/** Names that are whole numbers - a layer "12", a macro "2", an action "1", a device "8" - are names like any other. */
final class WholeNumberNamesTest extends TestCase
{
    private const NAMES = [
        'fennel' => '8', 'gorse' => '80', 'rowan' => '81', 'water' => '12', 'three-sacks' => '2', 'harbour-call' => '3',
        'clutch' => '6', 'on-water' => '4', 'anchor' => '5', 'engine' => '41',
        'drop-sack' => '1', 'anchor-light' => '11', 'flaps' => '7', 'power' => '70', 'propeller' => '71',
        'trim' => '72', 'horn' => '73', 'mark' => '90', 'left-lever' => '91', 'right-lever' => '92', 'ring' => '93',
        'left-thumb' => '94', 'button-3' => '95',
        'skerrywing' => '100', 'lamp-4' => '96', 'cockpit' => '97', 'landing-light-on' => '98', 'landing-light' => '99',
        'squelch' => '101', 'radio' => '102', 'call' => '103', 'stop-1' => '104', 'armed' => '105', 'zones' => 'zones',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $parents = SetRecord::query()->with('head')->orderBy('position')->get()->keyBy('id');
        DB::statement('PRAGMA defer_foreign_keys = ON');
        $documents = [];
        foreach (['house', 'skerrywing', 'dunlin', 'knot'] as $id) {
            $documents[$id] = $this->numbered((string) $parents[$id]->head->document);
        }
        $devices = DeviceRecord::query()->pluck('document', 'id')->map(
            fn ($document) => $this->numbered((string) $document),
        )->all();
        $catalogue = $this->numbered(CatalogueRecord::query()->findOrFail('skerrywing')->head->document);
        DB::table('sets')->update(['head_id' => null]);
        DB::table('revisions')->orderByDesc('id')->delete();
        DB::table('catalogues')->update(['head_id' => null]);
        foreach (['sets', 'devices', 'catalogue_revisions', 'catalogues'] as $table) {
            DB::table($table)->delete();
        }
        $position = 0;
        foreach ($devices as $document) {
            DeviceRecord::query()->create(
                ['id' => Json::decode($document)['id'], 'position' => $position++, 'document' => $document],
            );
        }
        app(CatalogueStore::class)->create(Catalogue::read(Node::of(Json::decode($catalogue))), 'Begun.');
        foreach ($documents as $document) {
            app(SetStore::class)->create(SetDocument::fromJson($document), $position++, 'demo', 'Begun.');
        }
    }

    private function numbered(string $json): string
    {
        return Json::compact((array) $this->renamed(Json::decode($json)));
    }

    private function renamed(mixed $value, string $field = ''): mixed
    {
        if (is_string($value) && ! in_array(
            $field,
            ['kind', 'name', 'label', 'word', 'do', 'role', 'descriptor', 'icon', 'text', 'colour'],
            true,
        )) {
            $words = preg_split('#([/.])#', $value, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];

            return implode('', array_map(fn (string $word) => self::NAMES[$word] ?? $word, $words));
        }
        if (! is_array($value)) {
            return $value;
        }
        $renamed = [];
        foreach ($value as $key => $inner) {
            $renamed[
                is_string($key) ? (string) $this->renamed($key, array_is_list($value) ? '' : 'key') : $key
            ] = $this->renamed($inner, (string) $key);
        }

        return $renamed === [] && $value === [] ? [] : $renamed;
    }

    public function test_every_place_shows_them_and_every_form_takes_them(): void
    {
        foreach (
            [
                'rig', 'shape', 'plan', 'assign', 'roles', 'actions', 'layers', 'macros', 'lamps', 'bench', 'store',
                'sets', 'told', 'carry', 'carry?old=8&new=teasel', 'assign?device=8&layer=12&ref=8/90',
                'shape?axis=8/91', 'macros?macro=2', 'lamps?rule=4', 'rig?device=8&do=arrange', 'store?device=8',
                'file', 'with-parents', 'bindings', 'keys', 'summary', 'plan?propose=all',
            ] as $place
        ) {
            $response = $this->get('/sets/100/'.$place);
            $this->assertSame(
                200,
                $response->getStatusCode(),
                $place.' '.$response->exception?->getMessage()
                    .' '
                    .$response->exception?->getFile()
                    .':'
                    .$response->exception?->getLine(),
            );
        }
        $taken = 0;
        foreach (Forms::all() as [$path, $fields]) {
            $fields = (array) $this->renamed($fields);
            $response = $this->from('/sets/100/assign')->post(
                '/sets/100/'.implode(
                    '/',
                    array_map(fn (string $word) => self::NAMES[$word] ?? $word, explode('/', $path)),
                ),
                $fields + ['from' => SetRecord::query()->where('id', '100')->value('head_id')],
            );
            $this->assertLessThan(
                500,
                $response->getStatusCode(),
                $path.' '.json_encode($fields)
                    .' '
                    .$response->exception?->getMessage()
                    .' '
                    .$response->exception?->getFile()
                    .':'
                    .$response->exception?->getLine(),
            );
            $taken += (int) (session('said') !== null);
            session()->flush();
        }
        $this->assertGreaterThan(45, $taken, 'most forms must have been taken');
        $this->assertStringContainsString(
            '"12":',
            (string) SetRecord::query()->with('head')->findOrFail('100')->head->document,
        );
    }

    public function test_they_are_played_stored_checked_and_go_out_and_in(): void
    {
        $rig = $this->rig('100');
        $this->assertSame('12', $rig->step([[900, '8/93', 1]], 1000)['layer']['id']);
        $this->assertSame([], $rig->step([[1900, '8/90', 1], [1950, '8/91', 40_000]], 2000)['problems']);
        $rig->step([[2900, '8/90', 0], [2950, '8/93', 0]], 3000);
        $this->assertSame(['8'], $rig->step([], 4000, ['plugs' => ['8' => false]])['unplugged']);
        $this->assertSame([], $rig->step([], 5000, ['plugs' => ['8' => true]])['unplugged']);
        $set = app(SetStore::class)->current(app(SetStore::class)->open('100'));
        $mapping = DeviceMapping::of($set, $set->rig->devices['8']);
        $this->assertSame($mapping->document->toJson(), DeviceMapping::decode($mapping->encode())->toJson());
        Checks::over($set);
        $bundle = app(Exports::class)->bundle('100');
        $import = $this->post(
            '/import',
            ['file' => UploadedFile::fake()->createWithContent('n.set.json', $bundle)],
        )->assertRedirect();
        $this->get((string) $import->headers->get('Location'))->assertOk();
        $this->post(
            (string) $import->headers->get('Location'),
            ['name' => '55', 'parent' => ''],
        )->assertSessionHas('said');
        $taken = SetRecord::query()->with('head')->where('name', '55')->firstOrFail()->head->set();
        $this->assertEquals(app(SetStore::class)->open('100')->head->set()->parts(), $taken->parts());
        $this->assertSame(SetDocument::read(Node::of(Json::decode($taken->toJson())))->toJson(), $taken->toJson());
        $this->assertGreaterThan(4, Revision::query()->count());
    }

    public function test_what_is_called_0_gets_a_name_that_can_be_told_from_a_list(): void
    {
        $head = fn (string $set) => (string) SetRecord::query()->where('id', $set)->value('head_id');
        $this->post('/sets/100/sets/new', ['from' => $head('100'), 'name' => '0'])->assertRedirect('/sets/set-0/sets');
        foreach (['layers' => 'layer-0', 'macros' => 'macro-0', 'flags' => 'flag-0'] as $path => $id) {
            $this->from('/sets/set-0/assign')->post(
                '/sets/set-0/'.$path,
                ['from' => $head('set-0'), 'name' => '0'],
            )->assertSessionHas('said');
        }
        $set = app(SetStore::class)->current(app(SetStore::class)->open('set-0'));
        $this->assertSame('0', $set->layers['layer-0']->name);
        $this->assertSame('0', $set->macros['macro-0']->name);
        $this->assertSame('0', $set->flags['flag-0']);
        $this->assertSame($set->merged->own->toJson(), SetDocument::fromJson($set->merged->own->toJson())->toJson());
        $file = UploadedFile::fake()->createWithContent(
            'zero.json',
            '{"format":"nailrod-set","version":1,"id":"zero","name":"Zero",'
                .'"layers":{"a":{"name":"A"},"0":{"name":"B"}}}',
        );
        $this->from('/sets/100/sets')->post('/import', ['file' => $file])->assertSessionHas(
            'problem',
            'zero.json: layers.0: found "0", expected another name than 0.',
        );
    }
}
