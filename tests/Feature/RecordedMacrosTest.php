<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Sets\SetStore;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Removal;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use Tests\TestCase;

/** A macro that is recorded from the rig in the middle of a game becomes a revision of the set in play. */
final class RecordedMacrosTest extends TestCase
{
    private TestRig $rig;

    protected function setUp(): void
    {
        parent::setUp();
        $does = fn (array $output): array => ['behaviour' => ['kind' => 'follow'], 'outputs' => [$output]];
        $this->edit(fn (BindingSet $set) => $set->merged->own
            ->with(
                PartPath::macro('round'),
                ['name' => 'Island round', 'about' => 'Mail for three islands.', 'steps' => []],
            )
            ->with(
                PartPath::cell(Layer::BASE, 'fennel/left-thumb'),
                $does(['kind' => 'record macro', 'macro' => 'round']),
            )
            ->with(PartPath::cell(Layer::BASE, 'fennel/right-thumb'), $does(['kind' => 'play recorded'])));
        $this->rig = $this->rig();
    }

    /** @param callable(BindingSet): SetDocument $change */
    private function edit(callable $change): void
    {
        $store = app(SetStore::class);
        $store->edit('skerrywing', (int) $store->open('skerrywing')->head_id, 'you', $change);
    }

    private static function set(): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'));
    }

    private static function latest(): Revision
    {
        return app(SetStore::class)->open('skerrywing')->head;
    }

    /** @return array<string, mixed> what is seen after two presses were recorded */
    private function record(): array
    {
        return $this->rig->step([
            [100_000, 'fennel/left-thumb', 1], [150_000, 'fennel/left-thumb', 0],
            [200_000, 'fennel/mark', 1], [300_000, 'fennel/mark', 0], [700_000, 'fennel/switch-1.up', 1],
            [1_000_000, 'fennel/left-thumb', 1], [1_050_000, 'fennel/left-thumb', 0],
        ], 1_100_000);
    }

    /** @return list<string> */
    private static function sent(array $seen): array
    {
        return array_map(
            fn (array $row) => intdiv($row['t'], 1000).' '.$row['kind'].' '.$row['target'].' '.$row['value'],
            array_values(array_filter($seen['sent'], fn (array $row) => $row['kind'] === 'button')),
        );
    }

    public function test_it_is_one_revision_of_the_rig_says_actions_and_does_not_swap_the_program(): void
    {
        $before = self::latest();
        $program = $this->rig->rig->work()->program();
        $seen = $this->record();
        $this->assertSame(
            'Fennel · L thumb closed',
            str_replace('Left thumb', 'L thumb', $seen['lines'][0]['parts'][0]),
        );
        $this->assertContains('begins to record macro Island round', $seen['lines'][0]['parts']);
        $this->rig->rig->save();
        $this->assertSame([$before->id, 'the rig'], [self::latest()->made_from, self::latest()->author]);
        $macro = self::set()->macros['round'];
        $this->assertSame(
            'Mail for three islands. Presses Drop a sack for 60 ms, waits 440 ms, presses Pitot heat on for 60 ms. '
                .'560 ms in all.',
            (new Words(self::set()))->macro($macro),
        );
        $this->assertSame(
            '"Island round" was recorded from the rig: 2 presses in 0.6 s. It plays from now on; one step back in '
                .'Skerrywing undoes it.',
            $this->rig->seen()['said']['said'],
        );
        $this->assertSame($program, $this->rig->rig->work()->program(), 'it goes on as it is');
        $this->assertSame(
            app(SetStore::class)->open('skerrywing')->program,
            $this->rig->seen()['program'],
            'and no page takes it for another',
        );
        $seen = $this->rig->step(
            [[2_000_000, 'fennel/right-thumb', 1], [2_020_000, 'fennel/right-thumb', 0]],
            3_000_000,
        );
        $this->assertSame(
            ['2000 button 4 1', '2060 button 4 0', '2500 button 5 1', '2560 button 5 0'],
            self::sent($seen),
        );
        $this->rig->rig->save();
        $this->assertSame(self::latest()->made_from, $before->id, 'it is written once');
    }

    public function test_before_the_first_the_tape_says_why_nothing_happens(): void
    {
        $seen = $this->rig->step([[100_000, 'fennel/right-thumb', 1]], 200_000);
        $this->assertSame(
            ['Fennel · Right thumb closed', 'layer Cruise', 'nothing is recorded that could be played'],
            $seen['lines'][0]['parts'],
        );
    }

    public function test_while_it_is_recorded_the_picture_says_so(): void
    {
        $this->assertNull($this->rig->seen()['macro']);
        $this->assertSame('Island round', $this->rig->step([[100_000, 'fennel/left-thumb', 1]], 200_000)['macro']);
        $this->assertNull(
            $this->rig->step([[300_000, 'fennel/left-thumb', 0], [400_000, 'fennel/left-thumb', 1]], 500_000)['macro'],
        );
    }

    public function test_a_step_back_undoes_it_and_the_rig_takes_that_up(): void
    {
        $this->record();
        $this->rig->rig->save();
        $this->post('/sets/skerrywing/undo', ['from' => self::latest()->id])->assertRedirect();
        $this->assertSame([], self::set()->macros['round']->steps);
        $this->rig->seen();
        $this->assertSame(
            [],
            self::sent($this->rig->step([[2_000_000, 'fennel/right-thumb', 1]], 3_000_000)),
            'the macro that was recorded last does nothing again',
        );
    }

    public function test_what_others_have_edited_meanwhile_stays_and_is_taken_up(): void
    {
        $this->record();
        $this->edit(fn (BindingSet $set) => $set->merged->own->with(
            PartPath::cell(Layer::BASE, 'fennel/dial.4'),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 77]]],
        ));
        $this->rig->rig->save();
        $this->assertCount(3, self::set()->macros['round']->steps);
        $this->rig->seen();
        $this->assertContains(
            '2000 button 77 1',
            self::sent($this->rig->step([[2_000_000, 'fennel/dial.4', 1]], 2_100_000)),
        );
        $this->assertSame(
            ['2200 button 4 1', '2260 button 4 0'],
            array_slice(self::sent($this->rig->step([[2_200_000, 'fennel/right-thumb', 1]], 3_000_000)), 0, 2),
        );
    }

    public function test_a_macro_that_has_been_deleted_meanwhile_is_told(): void
    {
        $this->rig->step(
            [
                [100_000, 'fennel/left-thumb', 1], [150_000, 'fennel/left-thumb', 0], [200_000, 'fennel/mark', 1],
                [300_000, 'fennel/mark', 0], [400_000, 'fennel/left-thumb', 1],
            ],
            500_000,
        );
        $this->edit(fn (BindingSet $set) => (new Removal($set))->of(Gone::part('macro', 'round')));
        $this->rig->rig->save();
        $this->assertStringStartsWith(
            '"Island round" was recorded from the rig, but cannot be kept in Skerrywing:',
            $this->rig->seen()['said']['said'],
        );
    }

    public function test_another_set_that_comes_into_play_keeps_what_was_being_recorded(): void
    {
        $this->rig->step(
            [
                [100_000, 'fennel/left-thumb', 1], [150_000, 'fennel/left-thumb', 0], [200_000, 'fennel/mark', 1],
                [300_000, 'fennel/mark', 0],
            ],
            500_000,
        );
        $this->rig->rig->play('marl');
        $this->assertSame('the rig', self::latest()->author);
        $this->assertCount(1, self::set()->macros['round']->steps);
    }

    public function test_it_is_kept_over_a_process_that_ends_and_played_by_the_next(): void
    {
        $this->record();
        $this->rig->rig->end();
        $this->assertSame('the rig', self::latest()->author);
        $next = new TestRig($this->rig->snapshot, '');
        $this->assertSame(
            ['5000 button 4 1', '5060 button 4 0'],
            array_slice(self::sent($next->step([[5_000_000, 'fennel/right-thumb', 1]], 5_200_000)), 0, 2),
        );
    }
}
