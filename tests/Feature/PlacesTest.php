<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Memory\Memories;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PlacesTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function places(): iterable
    {
        yield 'rig' => ['rig', ['Fennel throttle', 'Gorse stick', 'opposite of 31', 'Left lever', 'memory: empty']];
        yield 'rig of another device' => ['rig?device=gorse', ['Hat north', 'two-stage trigger']];
        yield 'shape' => ['shape', ['Left lever', 'goes to Power', '2 % at the low end', 'from House', 'New stop']];
        yield 'shape of a centred axis' => [
            'shape?axis=gorse/twist', ['Each side of rest', 'Expo 40 %: calm about rest'],
        ];
        yield 'assign' => ['assign', ['Cruise', 'hold Ring lever', 'Drop a sack', 'Water rudder down', 'needed']];
        yield 'a picked cell' => [
            'assign?layer=water&ref=fennel/mark',
            ['When Mark button closes in On water: Cast mooring off by key M, pulse 60 ms.'],
        ];
        yield 'bench' => ['bench', ['Dunlin floatplane', 'every 16.7 ms', 'Mooring line', 'made fast']];
        yield 'store' => [
            'store', ['Nothing is stored in the device yet.', 'Write to Fennel', 'What a write would change'],
        ];
    }

    /** @param list<string> $words */
    #[DataProvider('places')]
    public function test_every_place_shows_its_work(string $path, array $words): void
    {
        $this->asNew('skerrywing');
        $page = $this->get('/sets/skerrywing/'.$path)->assertOk();
        foreach ($words as $word) {
            $page->assertSeeText($word);
        }
        $policy = (string) $page->headers->get('Content-Security-Policy');
        $this->assertStringNotContainsString('unsafe', $policy);
        $this->assertStringNotContainsString(' style="', (string) $page->getContent());
    }

    public function test_the_house_set_has_no_simulator_and_says_so(): void
    {
        $this->get('/sets/house/assign')->assertOk()->assertSeeText('has no simulator');
        $this->get('/sets/house/bench')->assertOk()->assertSeeText('This set has no simulator.');
    }

    public function test_the_first_page_leads_to_the_rig_and_an_empty_database_says_what_to_do(): void
    {
        $this->withCookie('been', '1')->get('/')->assertRedirect('/sets/skerrywing/rig');
        SetRecord::query()->update(['head_id' => null]);
        \Illuminate\Support\Facades\DB::table('revisions')->delete();
        SetRecord::query()->delete();
        $this->get('/')->assertOk()->assertSeeText('Begin with my own rig');
    }

    public function test_a_set_without_devices_still_has_its_places(): void
    {
        $document = json_decode((string) $this->get('/sets/house/file')->getContent(), true);
        $document['devices'] = [];
        $document['axes'] = $document['cells'] = (object) [];
        app(SetStore::class)->edit(
            'house',
            (int) app(SetStore::class)->open('house')->head_id,
            'you',
            fn () => SetDocument::fromJson((string) json_encode($document)),
        );
        foreach (
            [
                'rig' => 'No device is in this rig yet', 'shape' => 'No device of this set has an axis',
                'assign' => 'No device is in this rig yet', 'bench' => 'no simulator',
                'store' => 'No device of this set has a memory',
            ] as $place => $words
        ) {
            $this->get('/sets/house/'.$place)->assertOk()->assertSeeText($words);
        }
        $this->assertSame([], $this->rig('house')->seen()['axes']);
    }

    public function test_what_is_not_there_is_a_page_of_its_own(): void
    {
        $this->get('/sets/none/rig')->assertNotFound()->assertSeeText('There is no such page');
        $this->get('/sets/skerrywing/none')->assertNotFound();
    }

    /** @return iterable<string, array{string, string}> */
    public static function asked(): iterable
    {
        yield 'a device on the rig' => [
            'rig?device=nowhere', 'The address names the device “nowhere”, which is not here. Fennel is shown instead.',
        ];
        yield 'an axis' => [
            'shape?axis=fennel/nowhere',
            'The address names the axis “fennel/nowhere”, which is not here. Fennel Left lever is shown instead.',
        ];
        yield 'a layer' => [
            'assign?layer=moon&ref=fennel/mark', 'The address names the layer “moon”, which is not here.',
        ];
        yield 'a control' => [
            'assign?layer=base&ref=fennel/moon', 'The address names the control “fennel/moon”, which is not here.',
        ];
        yield 'a macro' => ['macros?macro=moon', 'The address names the macro “moon”, which is not here.'];
        yield 'a device without a memory' => [
            'store?device=bracken',
            'Bracken has no memory of its own: Nailrod does all of it while it runs. Fennel is shown instead.',
        ];
        yield 'a device that has none' => [
            'store?device=moon', 'The address names the device “moon”, which is not here. Fennel is shown instead.',
        ];
        yield 'a group of the plan' => ['plan?take=moon', 'The address names the action “moon”, which is not here.'];
        yield 'a device to try' => ['bench?device=moon', 'The address names the device “moon”, which is not here.'];
        yield 'a control to pair' => [
            'assign?device=fennel&pair=fennel/moon',
            'The address names the control “fennel/moon”, which is not here. Left thumb is shown instead.',
        ];
        yield 'a device for a plan' => [
            'plan?propose=all&devices[]=moon', 'The address names the device “moon”, which is not here.',
        ];
        yield 'a group' => ['plan?propose=moon', 'The address names the group “moon”, which is not here.'];
        yield 'a part of the rig' => [
            'rig?do=moon', 'The address names the part of the rig “moon”, which is not here. Inputs is shown instead.',
        ];
        yield 'a rule' => ['lamps?rule=moon', 'The address names the rule “moon”, which is not here.'];
        yield 'what of the roles' => [
            'roles?show=moon',
            'The address names the filter “moon”, which is not here. What several games have is shown instead.',
        ];
        yield 'where to carry from' => ['carry?from=moon', 'The address names the set “moon”, which is not here.'];
    }

    #[DataProvider('asked')]
    public function test_what_an_address_asks_for_and_is_not_there_is_said(string $path, string $said): void
    {
        $this->artisan('nailrod:demo');
        $this->get('/sets/skerrywing/'.$path)->assertOk()->assertSeeText($said);
    }

    public function test_both_sides_of_a_face_and_every_device_with_a_memory_can_be_reached(): void
    {
        $this->asNew('skerrywing');
        foreach (['rig', 'assign', 'bench'] as $place) {
            $page = $this->get(
                '/sets/skerrywing/'.$place.'?device=clover',
            )->assertOk()->assertDontSee('aria-label="Spare 20, number 40"', false);
            preg_match('/href="([^"]*page=2[^"]*)"[^>]*>Page 2</', (string) $page->getContent(), $found);
            $this->assertNotEmpty($found, $place);
            $this->get(html_entity_decode($found[1]))->assertOk()->assertSee('aria-label="Spare 20, number 40"', false);
        }
        $this->get('/sets/skerrywing/store')->assertSee('device=teasel');
        $this->get('/sets/skerrywing/plan?take=fuel-cut')
            ->assertSee('Device that is drawn')
            ->assertSee('data-face', false);
    }

    public function test_what_stands_apart_has_its_icon_and_no_word_of_what_serves_it(): void
    {
        foreach (['/sets/none/rig', '/sets/house/bindings', '/sets/skerrywing/rig'] as $path) {
            $this->get($path)->assertSee('rel="icon"', false)->assertHeaderMissing('X-Powered-By');
        }
    }

    public function test_another_host_is_refused(): void
    {
        $this->get('http://example.org/sets/skerrywing/rig')->assertStatus(421);
        $this->get('http://127.0.0.1:8080/sets/skerrywing/rig')->assertOk();
    }

    public function test_a_write_is_verified_and_the_device_then_holds_what_the_set_says(): void
    {
        $this->from('/sets/skerrywing/store')->post('/sets/skerrywing/store/fennel')
            ->assertSessionHas(
                'said',
                fn (string $said) => preg_match(
                    '/^Written to bank 1 of Fennel and read back: \d+ bytes, checksum [0-9a-f]{8}, the same as in '
                        .'the set\. Verified\.$/',
                    $said,
                ) === 1,
            );
        $this->get('/sets/skerrywing/store')->assertSeeText(
            'The device holds what it can hold of this set. 1 thing is left out, listed beside; it works only while '
                .'Nailrod is running.',
        );
        $this->get('/sets/skerrywing/rig')->assertSeeText('memory: in step');
        $this->post('/sets/skerrywing/store/gorse')->assertNotFound();
    }

    public function test_a_write_cut_off_at_every_tenth_leaves_the_old_mapping(): void
    {
        $store = app(SetStore::class);
        $memory = fn (): ?string => Memories::of(
            $store->current($store->open('skerrywing'))->rig->devices['fennel'],
        )->read();
        $this->post('/sets/skerrywing/store/fennel');
        $old = $memory();
        $this->assertNotNull($old);
        $this->post(
            '/sets/skerrywing/cells/clear',
            ['from' => $store->open('skerrywing')->head_id, 'layer' => 'base', 'ref' => 'fennel/mark'],
        );
        for ($tenth = 1; $tenth <= 9; $tenth++) {
            $this->post('/sets/skerrywing/store/fennel/fault', ['fault' => 'cut', 'after' => 10 * $tenth]);
            $this->post('/sets/skerrywing/store/fennel')
                ->assertSessionHas(
                    'problem',
                    fn (string $problem) => str_contains($problem, 'The connection was lost after') && str_contains(
                        $problem,
                        'still works with what was stored before',
                    ),
                );
            $this->assertSame($old, $memory(), $tenth.' tenths');
            $this->get('/sets/skerrywing/store')
                ->assertSeeText('empty, or cut off')
                ->assertSeeText('Mark button in Cruise');
        }
        $this->post('/sets/skerrywing/store/fennel/fault', ['fault' => '']);
        $this->post('/sets/skerrywing/store/fennel')->assertSessionHas('said');
        $this->assertNotSame($old, $memory());
    }
}
