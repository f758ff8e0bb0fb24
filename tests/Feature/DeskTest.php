<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Memory\Memories;
use App\Memory\Unit;
use App\Rig\SurveyPicture;
use App\Sets\SetStore;
use App\View\Rig\RigView;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Advice\Plan\KeyPairing;
use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Tests\TestCase;

/**
 * The devices on the desk: their settings, modes, units, firmware, what can be wrong with them, and what is written
 * after each edit.
 */
final class DeskTest extends TestCase
{
    private static function set(string $id = 'skerrywing'): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open($id));
    }

    private static function device(string $id): Device
    {
        return self::set()->rig->devices[$id];
    }

    private static function latest(string $set = 'skerrywing'): int
    {
        return (int) app(SetStore::class)->open($set)->head_id;
    }

    /** @param array<string, mixed> $said */
    private function does(string $path, array $said = [], string $set = 'skerrywing'): TestResponse
    {
        return $this->from('/sets/'.$set.'/store')->post('/sets/'.$set.'/'.$path, $said);
    }

    private function say(string $device, string $setting, string $value, string $set): TestResponse
    {
        return $this->does(
            'settings',
            ['from' => self::latest($set), 'device' => $device, 'setting' => $setting, 'value' => $value],
            $set,
        );
    }

    private static function problem(string $part): \Closure
    {
        return fn (?string $said): bool => str_contains((string) $said, $part);
    }

    public function test_the_wheel_turns_1080_degrees_by_the_house_and_480_for_the_truck(): void
    {
        $turns = fn (string $set): array => [
            self::set($set)->setting('rowan', 'rotation'), self::set($set)->shapings['rowan/wheel']->rotation->used,
            self::set($set)->setting('rowan', 'spring'),
        ];
        $this->assertSame([[1080, 1080, 60], [480, 480, 90]], [$turns('hairpin-ladder'), $turns('marl')]);
        $this->get(
            '/sets/hairpin-ladder/rig?device=rowan&do=settings',
        )->assertSeeText('from House')->assertSee('value="60"', false);
        $this->get(
            '/sets/marl/rig?device=rowan&do=settings',
        )->assertSeeText('give back')->assertSeeText('not kept: it needs firmware 2.6');
        $this->say('rowan', 'rotation', '540', 'marl')->assertSessionHas('said', 'Rowan, rotation: 480 ° → 540 °');
        $this->assertSame([540, 540, 90], $turns('marl'));
        $this->does('undo', ['from' => self::latest('marl')], 'marl');
        $this->does('give-back', ['from' => self::latest('marl'), 'path' => 'settings/rowan/rotation'], 'marl');
        $this->assertSame([1080, 1080, 90], $turns('marl'));
        $this->say('rowan', 'ring-colour', 'green', 'marl')->assertSessionHas(
            'said',
            'Rowan, button rings at rest: as inherited, blue → green',
        );
        $this->say('rowan', 'sweep', 'on', 'marl')->assertSessionHas(
            'said',
            'Rowan, rev row sweeps when it is plugged in: not said here → on',
        );
        foreach (
            [
                ['rotation', '485', 'in steps of 10'], ['rotation', '2000', 'from 180 to 1080'],
                ['rotation', 'far', 'Rotation: found "far"'], ['ring-colour', 'pink', 'off'],
                ['moon', '1', 'one that the device has'],
            ] as [$setting, $value, $part]
        ) {
            $this->say('rowan', $setting, $value, 'marl')->assertSessionHas('problem', self::problem($part));
        }
    }

    public function test_what_a_set_says_of_the_axis_is_read_as_the_setting_and_the_nearer_word_counts(): void
    {
        $store = app(SetStore::class);
        $store->edit(
            'skerrywing',
            self::latest(),
            'you',
            fn (BindingSet $set) => $set->merged->own->with(PartPath::axis('rowan/wheel', 'rotation'), ['used' => 300]),
        );
        $this->assertSame(
            [300, 300],
            [self::set()->setting('rowan', 'rotation'), self::set()->shapings['rowan/wheel']->rotation->used],
            'nearer than the setting of the house',
        );
        $this->assertSame(
            ['is' => 300],
            DeviceMapping::of(self::set(), self::device('rowan'))->document->said('settings')['rowan']['rotation'],
        );
        $this->say('rowan', 'rotation', '900', 'skerrywing');
        $this->assertSame(
            [900, null],
            [
                self::set()->setting('rowan', 'rotation'),
                self::set()->merged->own->value(PartPath::axis('rowan/wheel', 'rotation')),
            ],
            'the new word takes its place',
        );
    }

    public function test_a_debounce_of_the_device_stands_in_the_place_of_the_note(): void
    {
        $this->does(
            'rig/note',
            ['from' => self::latest('house'), 'control' => 'teasel/input-1', 'debounce' => '20'],
            'house',
        );
        $debounce = fn (): int => self::device('teasel')->control('input-1')->contacts[0]->debounce;
        $this->assertSame(20_000, $debounce());
        $this->say('teasel', 'debounce', '8', 'house');
        $this->assertSame(8_000, $debounce());
    }

    public function test_in_the_wrong_mode_the_page_says_what_to_do_and_the_device_refuses(): void
    {
        $this->does('desk/teasel/slide', ['mode' => 'controller'])->assertSessionHas(
            'said',
            'Teasel TS-0147 is in the mode "Sends as a controller" now. Its contacts have other numbers; what is '
                .'assigned stays.',
        );
        $this->get('/sets/skerrywing/store?device=teasel')->assertSeeText(
            'It is in the mode "Sends as a controller", in which it takes no write. Move the slide at the back to '
                .'the left.',
        )->assertSeeText('cannot be written now');
        $this->does('store/teasel')->assertSessionHas(
            'problem',
            self::problem('Teasel TS-0147 cannot be written now: it is in the mode "Sends as a controller"'),
        );
        try {
            Memories::write(self::set(), Memories::unit(self::device('teasel')));
            $this->fail('The device let it in.');
        } catch (DeviceRefuses $refused) {
            $this->assertStringContainsString('Move the slide at the back to the left', $refused->getMessage());
        }
        $this->artisan('nailrod:store', ['device' => 'teasel', '--write' => 'skerrywing'])->assertFailed();
        $this->does('desk/teasel/press')->assertSessionHas('said', 'Teasel TS-0147 lets a write in for 30 s.');
        $this->does('store/teasel')->assertSessionHas('problem', self::problem('Move the slide'));
        $this->does('desk/teasel/slide', ['mode' => 'keys']);
        $this->does('store/teasel')->assertSessionHas(
            'problem',
            self::problem('it lets no write in now. Press the button at the back: then a write can begin for 30 s.'),
        );
        $this->does('desk/teasel/press');
        $this->does('store/teasel')->assertSessionHas('said', self::problem('Verified.'));
        $this->does('desk/teasel/slide', ['mode' => 'moon'])->assertSessionHas(
            'problem',
            self::problem('a mode of a stand-in'),
        );
        $this->does('desk/fennel/press')->assertSessionHas('problem', self::problem('a button at its back'));
    }

    public function test_in_the_other_mode_its_other_report_comes_and_the_same_contacts_have_other_numbers(): void
    {
        $rig = $this->rig();
        $rig->step([[1_000_000, 'teasel/input-3', 1]], 1_000_000);
        $keys = $rig->rig->work()->live->reports();
        $this->get('/sets/skerrywing/rig?device=teasel')->assertSeeText('key 6');
        $rig->step([[1_100_000, 'teasel/input-3', 0]], 1_100_000);
        $this->does('desk/teasel/slide', ['mode' => 'controller']);
        $rig->rig->reread();
        $this->get('/sets/skerrywing/rig?device=teasel')
            ->assertDontSeeText('key 6')
            ->assertSeeTextInOrder(['3', 'Input 3']);
        $rig->step([[2_000_000, 'teasel/input-3', 1]], 2_000_000);
        $this->assertSame('0400000000', $rig->rig->work()->live->reports()['teasel']);
        $this->assertNotSame($keys['teasel'], $rig->rig->work()->live->reports()['teasel']);
        $this->assertContains('teasel/input-3', $rig->picture['closed'] ?? []);
        $this->assertSame(['teasel' => 'controller'], $rig->rig->work()->live->state->modes);
        $again = new TestRig($rig->snapshot);
        $this->assertSame(
            ['teasel' => 'controller'],
            $again->rig->work()->live->state->modes,
            'it is in it after a restart too',
        );
    }

    public function test_what_is_not_wired_is_neither_drawn_nor_counted_nor_listed_at_any_place(): void
    {
        // Places that show a device by its address, each with what it may be asked.
        $places = [
            'assign?device=teasel', 'plan?device=teasel&group=all', 'print?device=teasel',
            ...array_map(fn (string $task): string => 'rig?device=teasel&do='.$task, array_keys(RigView::TASKS)),
        ];
        $named = fn (string $place): bool => str_contains(
            (string) $this->get('/sets/skerrywing/'.$place)->assertOk()->getContent(),
            'teasel/input-30',
        ) || str_contains((string) $this->get('/sets/skerrywing/'.$place)->getContent(), 'Input 30<');
        $before = array_filter($places, $named);
        $this->assertContains('rig?device=teasel&do=inputs', $before);
        $this->assertContains('assign?device=teasel', $before);
        $this->say('teasel', 'wired', '24', 'skerrywing');
        $this->assertSame([], array_values(array_filter($places, $named)));
        $this->get('/sets/skerrywing/rig?device=teasel')
            ->assertSeeText('24 contacts')
            ->assertSee('teasel/input-24')
            ->assertDontSee('teasel/input-25');
        $this->assertSame(24, SurveyPicture::sheet(new Survey, 'teasel', self::set())['all'] ?? 0);
        $this->assertSame('teasel/input-24', array_slice((new KeyPairing(self::set()))->left('teasel', 'base'), -1)[0]);
        // One that does something can still be found, so that this can be taken away.
        app(SetStore::class)->edit(
            'skerrywing',
            self::latest(),
            'you',
            fn (BindingSet $set) => $set->merged->own->with(
                PartPath::cell('base', 'teasel/input-30'),
                ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'key', 'code' => 'KeyZ']]],
            ),
        );
        $this->get('/sets/skerrywing/assign?device=teasel')
            ->assertSee('data-row="teasel/input-30"', false)
            ->assertDontSee('data-row="teasel/input-29"', false);
    }

    public function test_the_same_image_goes_into_the_second_unit_and_the_first_is_not_touched(): void
    {
        [$first, $second] = Memories::units(self::device('teasel'));
        $this->say('teasel', 'wired', '24', 'skerrywing');
        $this->does('desk/teasel/press');
        $this->does('store/teasel', ['unit' => 'TS-0147'])->assertSessionHas(
            'said',
            self::problem('of Teasel TS-0147 and read back'),
        );
        $mine = $first->memory()->read();
        $this->does('store/teasel', ['unit' => 'TS-0231'])->assertSessionHas(
            'problem',
            self::problem('Teasel TS-0231 cannot be written now'),
        );
        $second->press();
        $this->does('store/teasel', ['unit' => 'TS-0231'])->assertSessionHas(
            'said',
            self::problem('of Teasel TS-0231 and read back'),
        );
        $this->assertSame([$mine, $mine], [$first->memory()->read(), $second->memory()->read()]);
        $this->assertSame([1, 1], [$first->memory()->inForce()?->count, $second->memory()->inForce()?->count]);
        $this->say('teasel', 'wired', '16', 'skerrywing');
        $this->assertSame(
            [Standing::NotWritten, Standing::NotWritten],
            [Memories::standing(self::set(), $first)[0], Memories::standing(self::set(), $second)[0]],
        );
        $this->get(
            '/sets/skerrywing/store?device=teasel&unit=TS-0231',
        )->assertSeeText('Which one?')->assertSeeText('Write to TS-0231')->assertSeeText('Write to TS-0147');
        $this->does('desk/teasel/unit', ['serial' => 'TS-0231'])->assertSessionHas(
            'said',
            'Teasel TS-0231 is in use now. What is assigned stays.',
        );
        $this->assertSame('TS-0231', Memories::unit(self::device('teasel'))->serial());
        $this->does('desk/teasel/unit', ['serial' => 'TS-9'])->assertSessionHas(
            'problem',
            self::problem('TS-0147, TS-0231'),
        );
        $copy = (string) $this->get('/sets/skerrywing/store/teasel/copy?unit=TS-0231')->getContent();
        $this->assertStringNotContainsString('TS-0', $copy, 'given away, it has no serial');
    }

    /** Brings a firmware, looks at it, and gives it to the wheel. */
    private function firmware(string $name, ?string $content = null): TestResponse
    {
        $shown = $this->does(
            'store/rowan/firmware',
            [
                'file' => UploadedFile::fake()->createWithContent(
                    $name,
                    $content ?? (string) file_get_contents(base_path('demo/firmware/'.$name)),
                ),
            ],
        );
        parse_str((string) parse_url((string) $shown->headers->get('Location'), PHP_URL_QUERY), $asked);
        if (! is_string($asked['firmware'] ?? null)) {
            return $shown;
        }
        $this->get((string) $shown->headers->get('Location'))->assertSeeTextInOrder([
            'Firmware 2.6 for board B', 'Rowan has 2.4. Nothing was sent to it yet.', 'Macros: 2 → 12',
            'Give it to Rowan',
        ]);

        return $this->does('store/rowan/firmware/give', ['firmware' => $asked['firmware']]);
    }

    public function test_firmware_for_another_board_is_refused_at_once_and_a_cut_one_leaves_the_old_one(): void
    {
        $unit = fn (): Unit => Memories::unit(self::device('rowan'));
        $this->firmware('rowan-2.6-for-board-c.firmware')->assertSessionHas(
            'problem',
            self::problem('This firmware is for board C, and the device has board B. Nothing was sent to it'),
        );
        $this->assertFileDoesNotExist(config('nailrod.memory').'/rowan.firmware');
        $this->firmware('rowan-2.6.firmware', 'no firmware')->assertSessionHas(
            'problem',
            self::problem('rowan-2.6.firmware'),
        );
        for ($tenth = 1; $tenth < 10; $tenth++) {
            $this->does('store/rowan/fault', ['fault' => 'cut', 'after' => 10 * $tenth]);
            $this->firmware('rowan-2.6.firmware')->assertSessionHas(
                'problem',
                self::problem('still works with what was stored before'),
            );
            $this->assertSame(['2.4', 2], [$unit()->tells()->firmware, $unit()->device->keeps()->most['macros']]);
        }
        $this->does('store/rowan/fault', ['fault' => ''])->assertSessionHas('said', 'Rowan works as it should again.');
        $this->firmware('rowan-2.6.firmware')->assertSessionHas('said', 'Rowan has firmware 2.6 now.');
        $this->does(
            'store/rowan/firmware/give',
            ['firmware' => 'moon'],
        )->assertSessionHas('problem', self::problem('choose its file again'));
        $this->assertSame(['2.6', 12], [$unit()->tells()->firmware, $unit()->device->keeps()->most['macros']]);
        $this->say('rowan', 'sweep', 'on', 'skerrywing');
        $image = DeviceMapping::of(self::set(), $unit()->device);
        $this->assertSame(
            ['is' => true],
            $image->document->said('settings')['rowan']['sweep'],
            'what the new one knows is kept',
        );
        $this->get('/sets/marl/rig?device=rowan&do=settings')->assertDontSeeText('it needs firmware 2.6');
        $this->firmware(
            'old.firmware',
            \Nailrod\Core\Exchange\Memory\FirmwareFile::write('B', '2.5', ['banks' => 2, 'bank_bytes' => 4096], 'old'),
        )->assertSessionHas('problem', self::problem('the device has the newer 2.6'));
    }

    public function test_what_is_wrong_with_a_stand_in_is_said_and_mended(): void
    {
        foreach (
            [
                'wrong board' => 'It says that its board is X',
                'old firmware' => 'Its firmware is 0.1, and a write needs 2.2',
            ] as $fault => $said
        ) {
            $this->does('store/rowan/fault', ['fault' => $fault])->assertSessionHas(
                'said',
                self::problem('from now on, until you mend it.'),
            );
            $this->get('/sets/skerrywing/store?device=rowan')->assertSeeText($said)->assertSeeText('Mend it');
            $this->does('store/rowan')->assertSessionHas('problem', self::problem('Rowan cannot be written now'));
            $this->does('store')->assertSessionHas(
                'problem',
                fn (string $said) => str_contains($said, 'Written and verified: Fennel.')
                    && str_contains($said, 'Rowan cannot be written now'),
            );
            unlink(config('nailrod.memory').'/fennel.memory');
            \App\Models\MemoryCopyRecord::query()->delete();
        }
        foreach (
            [
                'flipped bits' => 'What was read back is not what was written', 'full' => 'its memory is full',
                'unplugged' => 'connection was lost',
            ] as $fault => $said
        ) {
            $this->does('store/rowan/fault', ['fault' => $fault, 'after' => '50']);
            $this->does('store/rowan')->assertSessionHas('problem', self::problem($said));
            $this->assertNull(Memories::of(self::device('rowan'))->read());
        }
        $this->does('store/rowan/fault', ['fault' => '']);
        $this->does('store/rowan')->assertSessionHas('said', self::problem('Verified.'));
        $this->does('store/rowan/fault', ['fault' => 'moon'])->assertSessionHas(
            'problem',
            self::problem('one of the list'),
        );
    }

    /** @param list<string> $said gets what was told */
    private function later(TestRig $rig, int $seconds, array &$said): void
    {
        for ($tenth = 0; $tenth < 10 * $seconds; $tenth++) {
            $rig->clock->time += 100_000;
            // A write goes on by a block each time.
            for ($block = 0; $block < 200 && ($block === 0 || $rig->rig->wait() === 0); $block++) {
                $rig->rig->run();
            }
        }
        $said = $rig->said;
    }

    public function test_after_each_edit_ten_quick_edits_make_one_write_and_an_undo_another(): void
    {
        $this->does('store/fennel/itself', ['itself' => '1'])->assertSessionHas(
            'said',
            self::problem('2 s after the last one, 10 s after the first at most'),
        );
        $this->get('/sets/skerrywing/store?device=fennel')->assertSee(
            '<option value="1" selected>after each edit</option>',
            false,
        );
        $said = [];
        $rig = $this->rig();
        $this->later($rig, 3, $said);
        $count = fn (): int => Memories::of(self::device('fennel'))->inForce()->count ?? 0;
        $this->assertSame(1, $count(), 'the set that has come into play is written');
        for ($i = 1; $i <= 10; $i++) {
            $this->does(
                'shape/curve',
                ['from' => self::latest(), 'axis' => 'fennel/friction', 'kind' => 'expo', 'k' => (string) $i],
            );
            $rig->rig->reread();
            $this->later($rig, 1, $said);
        }
        $this->later($rig, 3, $said);
        $this->assertContains(
            $count(),
            [2, 3],
            'ten edits in ten seconds: one write, another after ten seconds at most',
        );
        $before = $count();
        $this->assertSame(Standing::InStep, Memories::standing(self::set(), Memories::unit(self::device('fennel')))[0]);
        $this->does('undo', ['from' => self::latest()]);
        $rig->rig->reread();
        $this->later($rig, 1, $said);
        $this->assertSame($before, $count(), 'not at once');
        $this->later($rig, 2, $said);
        $this->assertSame($before + 1, $count());
        $this->assertStringContainsString('Fennel was written after the edit: ', implode("\n", $said));
        $this->does('store/fennel/itself', ['itself' => '0'])->assertSessionHas(
            'said',
            'Fennel is written when you say so.',
        );
    }

    public function test_one_device_that_takes_no_write_is_waited_for_and_the_others_are_written(): void
    {
        foreach (['fennel', 'rowan', 'teasel'] as $device) {
            $this->does('store/'.$device.'/itself', ['itself' => '1']);
        }
        $this->say('teasel', 'wired', '16', 'skerrywing');
        $this->does('store/fennel/fault', ['fault' => 'cut', 'after' => '50']);
        $said = [];
        $rig = $this->rig();
        $this->later($rig, 4, $said);
        $this->assertSame(
            [null, true, null],
            [
                Memories::of(self::device('fennel'))->read(), Memories::of(self::device('rowan'))->read() !== null,
                Memories::of(self::device('teasel'))->read(),
            ],
        );
        $this->assertStringContainsString('Fennel was not written: The connection was lost', implode("\n", $said));
        $this->assertCount(
            1,
            preg_grep('/^Teasel TS-0147 is not written yet: it lets no write in now/', $said) ?: [],
            'it is said once',
        );
        $this->does('desk/teasel/press');
        $this->later($rig, 1, $said);
        $this->assertNotNull(Memories::of(self::device('teasel'))->read(), 'it waited for the hand');
    }
}
