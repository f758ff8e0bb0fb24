<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Memory\Memories;
use App\Models\MemoryCopyRecord;
use App\Models\Revision;
use App\Sets\SetStore;
use Illuminate\Http\UploadedFile;
use Nailrod\Core\Exchange\Memory\Bank;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Tests\TestCase;

/** The memories of the devices: their states at a glance, reading into a set, copies. */
final class StoreTest extends TestCase
{
    private const MARK = 'cells/base/fennel/mark';

    private static function set(string $id = 'skerrywing'): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open($id));
    }

    private static function device(string $id = 'fennel'): Device
    {
        return self::set()->rig->devices[$id];
    }

    /** @return array{Standing, int} */
    private static function standing(string $id = 'fennel'): array
    {
        return Memories::standing(self::set(), Memories::unit(self::device($id)));
    }

    private static function latest(): Revision
    {
        return app(SetStore::class)->open('skerrywing')->head;
    }

    private function edit(callable $change): void
    {
        app(SetStore::class)->edit('skerrywing', self::latest()->id, 'you', $change);
    }

    /** Something else than Nailrod here writes to the device: another installation of it. */
    private function elsewhere(callable $change): void
    {
        $stored = DeviceMapping::decode(DeviceMapping::of(self::set(), self::device())->encode());
        $document = $change($stored);
        assert($document instanceof SetDocument);
        Memories::of(self::device())->write((string) json_encode(json_decode($document->toJson())));
    }

    private static function widened(SetDocument $stored): SetDocument
    {
        return $stored->with(
            PartPath::cell(Layer::BASE, 'fennel/mark'),
            ['behaviour' => ['kind' => 'pulse', 'width_ms' => 90], 'outputs' => [['kind' => 'button', 'number' => 4]]],
        );
    }

    public function test_a_memory_is_empty_in_step_not_written_or_another(): void
    {
        $this->assertSame(
            [Standing::Empty, 'memory: empty'],
            [self::standing()[0], 'memory: '.self::standing()[0]->inWords(0)],
        );
        $this->post('/sets/skerrywing/store/fennel');
        $this->assertSame([Standing::InStep, 0], self::standing());
        $this->edit(
            fn (BindingSet $set) => $set->merged->own->with(PartPath::of(self::MARK), ['nothing' => true])->with(
                PartPath::axis('fennel/friction', 'curve'),
                ['kind' => 'expo', 'k' => 0.2],
            ),
        );
        $this->assertSame([Standing::NotWritten, 2], self::standing());
        $this->get('/sets/skerrywing/store')->assertSeeText('2 parts not written');
        $this->get('/sets/skerrywing/rig?device=fennel')->assertSeeText('memory: 2 parts not written');
        $this->elsewhere(self::widened(...));
        $this->assertSame(Standing::Differs, self::standing()[0]);
        $this->get('/sets/skerrywing/store')->assertSeeText('it was not written from here');
    }

    public function test_all_that_is_not_written_is_written_together_and_what_differs_is_not_touched(): void
    {
        $this->elsewhere(self::widened(...));
        $before = Memories::of(self::device())->read();
        $this->from('/sets/skerrywing/store')
            ->post('/sets/skerrywing/store')
            ->assertSessionHas('said', 'Written and verified: Rowan.');
        $this->assertSame([Standing::Differs, Standing::InStep], [self::standing()[0], self::standing('rowan')[0]]);
        $this->assertSame($before, Memories::of(self::device())->read());
    }

    public function test_what_was_changed_elsewhere_is_shown_and_taken_as_one_edit(): void
    {
        $this->post('/sets/skerrywing/store/fennel');
        $this->elsewhere(self::widened(...));
        $before = self::latest();
        $this->get('/sets/skerrywing/store?device=fennel&do=read')->assertSeeTextInOrder([
            'What reading would change in Skerrywing', 'Mark button in Cruise', 'Drop a sack · pulse 60 ms',
            'Drop a sack · pulse 90 ms',
        ])->assertDontSeeText('Switch 1 up in Cruise');
        $this->from('/sets/skerrywing/store')->post(
            '/sets/skerrywing/store/fennel/read',
            ['from' => $before->id],
        )->assertSessionHas('said', 'Mark button in Cruise: Drop a sack · pulse 60 ms → Drop a sack · pulse 90 ms');
        $this->assertSame([Standing::InStep, $before->id], [self::standing()[0], self::latest()->made_from]);
        $this->assertSame(
            ['kind' => 'action', 'action' => 'drop-sack'],
            self::set()->merged->own->value(PartPath::of(self::MARK))['outputs'][0],
        );
        $this->post(
            '/sets/skerrywing/store/fennel/read',
            ['from' => self::latest()->id],
        )->assertSessionHas('said', 'Nothing to change: it is so already.');
    }

    public function test_a_memory_of_another_set_says_so_and_offers_it(): void
    {
        $this->post('/sets/marl/store/fennel');
        $this->get('/sets/skerrywing/store?device=fennel')->assertSeeText(
            'What the device holds is of the set Marl',
        )->assertSee('/sets/marl/store?device=fennel', false);
    }

    public function test_what_nailrod_did_not_write_is_kept_before_it_is_overwritten_once_and_goes_back(): void
    {
        $this->elsewhere(self::widened(...));
        $theirs = Memories::of(self::device())->read();
        $this->post('/sets/skerrywing/store/fennel');
        $this->assertSame(
            ['Written from Skerrywing.', 'Was in it before: Skerrywing.'],
            Memories::copies(Memories::unit(self::device()))->pluck('sentence')->all(),
        );
        $copy = MemoryCopyRecord::query()->where('written', false)->firstOrFail();
        $this->from('/sets/skerrywing/store')->post(
            '/sets/skerrywing/store/fennel/back',
            ['copy' => $copy->id],
        )->assertSessionHas('said', fn (string $said) => str_contains($said, 'the same as in the copy. Verified.'));
        $this->assertSame($theirs, Memories::of(self::device())->read());
        $this->post('/sets/skerrywing/store/fennel');
        $this->assertSame(1, MemoryCopyRecord::query()->where('written', false)->count(), 'it is kept once');
        for ($i = 0; $i < 12; $i++) {
            $this->post('/sets/skerrywing/store/fennel');
        }
        $this->assertSame(10, MemoryCopyRecord::query()->where('written', true)->count());
        $this->post('/sets/skerrywing/store/fennel/back', ['copy' => 999])->assertSessionHas('problem');
    }

    public function test_a_copy_is_a_file_that_goes_back_into_its_device_and_no_other(): void
    {
        $this->get('/sets/skerrywing/store/fennel/copy')->assertOk();
        $this->post('/sets/skerrywing/store/fennel');
        $mine = Memories::of(self::device())->read();
        $file = (string) $this->get('/sets/skerrywing/store/fennel/copy')->assertHeader(
            'Content-Disposition',
            'attachment; filename="fennel.copy.json"',
        )->getContent();
        $this->assertSame(
            ['nailrod-copy', 'Fennel'],
            [json_decode($file, true)['format'], json_decode($file, true)['device']['name']],
        );
        $this->elsewhere(self::widened(...));
        $bring = fn (string $device, string $content) => $this->from('/sets/skerrywing/store')->post(
            '/sets/skerrywing/store/'.$device.'/file',
            ['file' => UploadedFile::fake()->createWithContent('old.copy.json', $content)],
        );
        $bring('fennel', $file)->assertSessionHas('said');
        $this->assertSame($mine, Memories::of(self::device())->read());
        foreach (
            [
                ['teasel', $file, 'a copy of Fennel'], ['fennel', '{"format":"nailrod-set"}', 'nailrod-copy'],
                ['fennel', str_replace('"content": "ey', '"content": "ez', $file), 'damaged'],
            ] as [$device, $content, $problem]
        ) {
            $bring($device, $content)->assertSessionHas(
                'problem',
                fn (string $said) => str_contains($said, $problem) && str_contains($said, 'old.copy.json'),
            );
        }
        $this->assertSame($mine, Memories::of(self::device())->read());
    }

    public function test_what_is_no_mapping_is_said_and_kept(): void
    {
        Memories::of(self::device())->write('no mapping at all');
        $this->get('/sets/skerrywing/store')->assertSeeText(
            'What is in the device is no mapping of it.',
        )->assertDontSeeText('Read into this set');
        $this->post('/sets/skerrywing/store/fennel/read', ['from' => self::latest()->id])->assertSessionHas('problem');
        $this->post('/memory/fennel')->assertSessionHas('problem');
        $this->post('/sets/skerrywing/store/fennel');
        $this->assertSame('no mapping at all', MemoryCopyRecord::query()->where('written', false)->value('content'));
    }

    /** @return array<string, string> what a copy may have in it that is no mapping of Fennel, by what it is */
    private static function noMappings(): array
    {
        $own = DeviceMapping::of(self::set(), self::device())->encode();
        $other = DeviceMapping::of(self::set(), self::device('teasel'))->encode();
        $unknown = (array) json_decode($own, true);
        $unknown['cells']['base']['fennel/mark'] = ['behaviour' => ['kind' => 'no such behaviour'], 'outputs' => []];

        return [
            'nothing' => '', 'garbage' => random_bytes(200), 'half of one' => substr($own, 0, intdiv(strlen($own), 2)),
            'no set' => '{"format":"nailrod-set"}', 'another device' => $other,
            'what cannot be put together' => (string) json_encode($unknown),
        ];
    }

    public function test_a_copy_that_is_no_mapping_of_the_device_is_not_written(): void
    {
        $this->post('/sets/skerrywing/store/fennel');
        $mine = Memories::of(self::device())->read();
        $document = json_decode((string) $this->get('/sets/skerrywing/store/fennel/copy')->getContent(), true);
        foreach (self::noMappings() as $what => $content) {
            $bank = new Bank(0, 9, $content);
            $file = (string) json_encode(
                [
                    'banks' => [['count' => 9, 'content' => base64_encode($content), 'checksum' => $bank->checksum()]],
                ] + $document,
            );
            $this->from('/sets/skerrywing/store')->post(
                '/sets/skerrywing/store/fennel/file',
                ['file' => UploadedFile::fake()->createWithContent('old.copy.json', $file)],
            )
                ->assertSessionHas(
                    'problem',
                    fn (string $said): bool => $content === '' || str_starts_with(
                        $said,
                        'Nothing was written to Fennel, since what was to go into it is no mapping of it.',
                    ),
                );
            $copy = MemoryCopyRecord::query()->create([
                'device_id' => 'fennel', 'unit' => '', 'written' => false, 'sentence' => 'Was in it before.',
                'content' => $content,
            ]);
            $this->from('/sets/skerrywing/store')->post(
                '/sets/skerrywing/store/fennel/back',
                ['copy' => (string) $copy->id],
            )->assertSessionHas('problem');
            file_put_contents($path = tempnam(sys_get_temp_dir(), 'nailrod').'.json', $file);
            $this->artisan('nailrod:store', ['device' => 'fennel', '--put' => $path])->assertFailed();
            unlink($path);
            $this->assertSame($mine, Memories::of(self::device())->read(), $what);
        }
    }

    public function test_a_memory_that_holds_the_mapping_of_another_device_is_told_so(): void
    {
        foreach (array_filter(self::noMappings(), fn (string $content): bool => $content !== '') as $what => $content) {
            Memories::of(self::device())->write($content);
            $this->assertSame(Standing::Differs, self::standing()[0], $what);
        }
        Memories::of(self::device())->write(self::noMappings()['another device']);
        $this->get('/sets/skerrywing/store')->assertSeeText(
            'What is in the device is no mapping of it. The mapping: found one of another device (teasel), expected '
                .'one of Fennel. A copy of it is kept',
        )->assertDontSeeText('in step');
    }

    /**
     * The file of a stand-in with another shape than it was written in, as somebody may leave it who looked into it.
     */
    public function test_whatever_stands_in_the_file_of_a_unit_its_pages_are_shown(): void
    {
        $this->post('/sets/skerrywing/store/fennel');
        foreach (
            [
                '', '[]', 'null', '7', '"x"', '{', '{"fault":[]}', '{"fault":{"a":1}}', '{"fault":7}', '{"mode":{}}',
                '{"mode":7,"pressed":"x","percent":1e400}', "\xff",
            ] as $content
        ) {
            foreach (['.unit.json', '.device.json', '.firmware', '.memory'] as $end) {
                $file = config('nailrod.memory').'/fennel'.$end;
                $before = is_file($file) ? (string) file_get_contents($file) : null;
                file_put_contents($file, $content);
                foreach (
                    ['store?device=fennel', 'rig?device=fennel', 'sets', 'rig?device=fennel&do=settings'] as $page
                ) {
                    $this->get('/sets/skerrywing/'.$page)->assertOk();
                }
                $before === null ? unlink($file) : file_put_contents($file, $before);
            }
        }
    }

    public function test_it_is_read_as_a_set_of_its_own_and_the_device_is_enough_for_it(): void
    {
        $this->post('/sets/skerrywing/store/fennel');
        $this->assertSame(['fennel'], array_keys(Memories::onDesk()));
        $shown = $this->post('/memory/fennel')->assertRedirect();
        $this->get(
            (string) $shown->headers->get('Location'),
        )->assertSeeText('What is in Fennel')->assertSeeText('A set of that id is here already');
        $this->post((string) $shown->headers->get('Location'), ['name' => 'From the throttle'])->assertRedirect();
        $this->assertSame(['fennel'], self::set('skerrywing-2')->merged->devices);
        $this->post('/memory/gorse')->assertNotFound();
    }

    public function test_all_of_it_is_done_without_the_pages(): void
    {
        $folder = sys_get_temp_dir().'/nailrod-store-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $this->artisan('nailrod:store', ['device' => 'fennel'])
            ->expectsOutput('Bank 1: empty')
            ->expectsOutput('Bank 2: empty')
            ->assertSuccessful();
        $this->artisan(
            'nailrod:store',
            ['device' => 'fennel', '--write' => 'skerrywing'],
        )->expectsOutputToContain('the same as in the set. Verified.')->assertSuccessful();
        $mine = Memories::of(self::device())->read();
        $this->artisan(
            'nailrod:store',
            ['device' => 'fennel', '--read' => $folder.'/read.set.json'],
        )->assertSuccessful();
        $this->assertSame(
            ['fennel'],
            SetDocument::fromJson((string) file_get_contents($folder.'/read.set.json'))->devices,
            'a set that stands alone but for the device',
        );
        $this->artisan(
            'nailrod:store',
            ['device' => 'fennel', '--copy' => $folder.'/old.copy.json'],
        )->assertSuccessful();
        $this->elsewhere(self::widened(...));
        $this->artisan(
            'nailrod:store',
            ['device' => 'fennel', '--put' => $folder.'/old.copy.json'],
        )->expectsOutputToContain('the same as in the copy. Verified.')->assertSuccessful();
        $this->assertSame($mine, Memories::of(self::device())->read());
        foreach (
            [
                ['gorse', []], ['fennel', ['--write' => 'none']], ['fennel', ['--put' => $folder.'/none']],
                ['fennel', ['--copy' => $folder.'/none/x']],
            ] as [$device, $options]
        ) {
            $this->artisan('nailrod:store', ['device' => $device] + $options)->assertFailed();
        }
    }

    public function test_a_device_that_is_unplugged_is_not_written(): void
    {
        $rig = $this->rig();
        $rig->step([], 1_000_000, ['plugs' => ['fennel' => false]]);
        $this->from('/sets/skerrywing/store')->post('/sets/skerrywing/store/fennel')->assertSessionHas(
            'problem',
            fn (string $said) => str_contains($said, 'Fennel cannot be written now: it is unplugged. Plug it in.'),
        );
        $this->assertNull(Memories::of(self::device())->read());
    }
}
