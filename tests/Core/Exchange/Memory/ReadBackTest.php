<?php

declare(strict_types=1);

namespace Tests\Core\Exchange\Memory;

use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Memory\ReadBack;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartChange;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** What is in a device's memory comes back into a set: only what differs, in the words of the set. */
final class ReadBackTest extends TestCase
{
    private static function button(int $number): array
    {
        return ['kind' => 'button', 'number' => $number];
    }

    private static function stored(BindingSet $set, string $device = 'd'): SetDocument
    {
        return DeviceMapping::decode(DeviceMapping::of($set, $set->rig->devices[$device])->encode());
    }

    /** @return array<string, ?array<string, mixed>> what the set says otherwise than before, by path */
    private static function changes(
        BindingSet $set,
        SetDocument $stored,
        string $device = 'd',
        ?ReadBack $read = null,
    ): array {
        $read ??= new ReadBack($set, $set->rig->devices[$device]);
        $changes = [];
        foreach (SetDiff::between($set->merged->own, $read->into($stored)) as $change) {
            assert($change instanceof PartChange);
            $changes[(string) $change->path] = $change->after?->value;
        }

        return $changes;
    }

    public function test_what_a_set_would_write_changes_nothing_of_it(): void
    {
        $set = DemoSets::skerrywing();
        foreach (array_keys($set->rig->devices) as $device) {
            $this->assertSame([], self::changes($set, self::stored($set, (string) $device), (string) $device));
        }
    }

    public function test_what_was_changed_is_the_only_difference_and_an_output_becomes_its_action(): void
    {
        $set = DemoSets::skerrywing();
        $mark = PartPath::cell('base', 'fennel/mark');
        $stored = self::stored($set, 'fennel')->with(
            $mark,
            ['behaviour' => ['kind' => 'pulse', 'width_ms' => 90], 'outputs' => [self::button(4)]],
        );
        $this->assertSame(
            [
                (string) $mark => [
                    'behaviour' => ['kind' => 'pulse', 'width_ms' => 90],
                    'outputs' => [['kind' => 'action', 'action' => 'drop-sack']],
                ],
            ],
            self::changes($set, $stored, 'fennel'),
            'its action stays, its behaviour is another',
        );
        $stored = self::stored($set, 'fennel')->with(
            $mark,
            ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::button(1)]],
        );
        $this->assertSame(
            [['kind' => 'action', 'action' => 'starter']],
            self::changes($set, $stored, 'fennel')[(string) $mark]['outputs'],
        );
        $stored = self::stored($set, 'fennel')->with(
            $mark,
            ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::button(99)]],
        );
        $this->assertSame(
            [self::button(99)],
            self::changes($set, $stored, 'fennel')[(string) $mark]['outputs'],
            'no action is reached by it',
        );
    }

    public function test_what_a_parent_says_is_not_said_again_and_what_the_device_lacks_of_it_is_taken_away(): void
    {
        $desk = Desk::plain()->cell('base', 'b1', 'follow', self::button(1))->under(
            'house',
            [
                'devices' => ['d'], 'axes' => ['d/a' => ['curve' => ['kind' => 'expo', 'k' => 0.3]]],
                'cells' => [
                    'base' => ['d/b2' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(2)]]],
                ],
            ],
        );
        $set = $desk->assembled();
        $this->assertSame([], self::changes($set, self::stored($set)));
        $stored = self::stored($set)->without(PartPath::cell('base', 'd/b2'))->without(PartPath::cell('base', 'd/b1'));
        $this->assertSame(
            ['cells/base/d/b2' => null],
            array_filter(
                self::changes($set, $stored),
                fn (string $path) => $path === 'cells/base/d/b2',
                ARRAY_FILTER_USE_KEY,
            ),
        );
        $read = (new ReadBack($set, $set->rig->devices['d']))->into($stored);
        $this->assertTrue($read->says(PartPath::cell('base', 'd/b2')), 'the set says that it is gone');
        $this->assertFalse($read->says(PartPath::cell('base', 'd/b1')), 'its own word is gone');
        $stored = self::stored($set)->with(PartPath::axis('d/a', 'curve'), ['kind' => 'expo', 'k' => 0.5]);
        $this->assertSame(['axes/d/a/curve' => ['kind' => 'expo', 'k' => 0.5]], self::changes($set, $stored));
    }

    public function test_what_the_device_does_not_keep_of_an_assignment_stays(): void
    {
        $gear = ['kind' => 'set variable', 'name' => 'gear', 'to' => 1];
        $set = Desk::plain()->cell('base', 'b1', 'pulse', self::button(1), $gear)->assembled();
        $cell = PartPath::cell('base', 'd/b1');
        $this->assertSame(
            [self::button(3), $gear],
            self::changes(
                $set,
                self::stored($set)->with($cell, ['behaviour' => ['kind' => 'pulse'], 'outputs' => [self::button(3)]]),
            )[(string) $cell]['outputs'],
        );
        $this->assertEquals(
            ['behaviour' => ['kind' => 'pulse'], 'outputs' => [$gear]],
            self::changes($set, self::stored($set)->without($cell))[(string) $cell],
            'what the device had of it is gone',
        );
    }

    public function test_what_it_cannot_keep_at_all_is_not_touched_and_told(): void
    {
        $set = Desk::plain()->cell('base', 'b1', 'follow', self::button(1))->saying(
            ['cells' => ['base' => ['d/b2' => ['as' => 'd/b1']]]],
        )->assembled();
        $read = new ReadBack($set, $set->rig->devices['d']);
        $stored = self::stored($set)->with(
            PartPath::cell('base', 'd/b2'),
            ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(7)]],
        );
        $this->assertSame([], self::changes($set, $stored, read: $read));
        $this->assertSame(
            ['Button 2 in Base: the device has it otherwise, but what this set says of it the device cannot keep'],
            $read->left,
        );
    }

    public function test_the_text_of_a_macro_stays_where_its_keys_are_the_same_and_a_changed_step_is_an_action(): void
    {
        $set = DemoSets::skerrywing();
        $macro = PartPath::macro('harbour-call');
        $set = DemoSets::skerrywing($set->merged->own->with(
            PartPath::cell('base', 'fennel/left-thumb'),
            ['behaviour' => ['kind' => 'macro', 'macro' => 'harbour-call']],
        ));
        $stored = self::stored($set, 'fennel');
        $this->assertSame('tap', $stored->value($macro)['steps'][0]['do']);
        $this->assertSame([], self::changes($set, $stored, 'fennel'));
        $steps = [['do' => 'tap', 'output' => self::button(4), 'ms' => 60]];
        $this->assertSame(
            ['cells/base/fennel/left-thumb' => null],
            self::changes(
                $set,
                $stored->without($macro)->without(PartPath::cell('base', 'fennel/left-thumb')),
                'fennel',
            ),
            'a macro that the device does not play any more stays in the set',
        );
        $this->assertSame(
            [['output' => ['kind' => 'action', 'action' => 'drop-sack'], 'do' => 'tap', 'ms' => 60]],
            self::changes(
                $set,
                $stored->with($macro, ['steps' => $steps] + $stored->value($macro)),
                'fennel',
            )[(string) $macro]['steps'],
        );
    }

    public function test_a_stop_keeps_the_axes_of_other_devices_and_goes_only_if_nothing_else_needs_it(): void
    {
        $stop = ['name' => 'Far', 'axes' => ['d/a', 'd/b'], 'at' => 0.5, 'opens' => 'held'];
        $set = Desk::plain()->saying(['stops' => ['far' => $stop]])->cell(
            'base',
            'b1',
            'follow',
            ['kind' => 'open stop', 'stop' => 'far'],
        )->assembled();
        $this->assertSame(
            ['stops/far' => ['at' => 0.6] + $stop],
            array_map(
                fn (?array $said) => ['at' => $said['at']] + (array) $said,
                self::changes($set, self::stored($set)->with(PartPath::stop('far'), ['at' => 0.6] + $stop)),
            ),
        );
        $both = self::stored($set)->without(PartPath::cell('base', 'd/b1'))->without(PartPath::stop('far'));
        $this->assertSame(['stops/far' => null, 'cells/base/d/b1' => null], self::changes($set, $both));
        $read = new ReadBack($set, $set->rig->devices['d']);
        $this->assertSame([], self::changes($set, self::stored($set)->without(PartPath::stop('far')), read: $read));
        $this->assertSame(
            ['Stop Far: the device does not have it any more, but something else of this set needs it'],
            $read->left,
        );
    }

    public function test_a_layer_that_was_made_elsewhere_comes_with_its_assignments(): void
    {
        $set = Desk::plain()->cell('base', 'b1', 'follow', self::button(1))->assembled();
        $other = Desk::plain()->cell('base', 'b1', 'follow', self::button(1))->layer('water', 'b2')->cell(
            'water',
            'b1',
            'follow',
            self::button(5),
        )->assembled();
        $this->assertSame(
            ['layers/water', 'cells/base/d/b2', 'cells/water/d/b1'],
            array_keys(self::changes($set, self::stored($other))),
        );
        $this->assertSame([], self::changes($other, self::stored($other)));
        // A layer is of the whole set: it stays, also if the device says nothing of it.
        $this->assertSame(
            ['cells/base/d/b2' => null, 'cells/water/d/b1' => null],
            self::changes($other, self::stored($set)),
        );
    }

    public function test_a_macro_that_is_there_and_played_only_elsewhere_stays_as_the_set_says_it(): void
    {
        $set = DemoSets::skerrywing();
        $cell = PartPath::cell('base', 'fennel/left-thumb');
        $plays = ['behaviour' => ['kind' => 'macro', 'macro' => 'three-sacks']];
        $other = DemoSets::skerrywing($set->merged->own->with($cell, $plays));
        $this->assertSame([(string) $cell => $plays], self::changes($set, self::stored($other, 'fennel'), 'fennel'));
        $stored = self::stored($other, 'fennel');
        $macro = PartPath::macro('three-sacks');
        $this->assertSame(
            'Four sacks',
            self::changes(
                $set,
                $stored->with($macro, ['name' => 'Four sacks'] + $stored->value($macro)),
                'fennel',
            )[(string) $macro]['name'],
        );
    }

    public function test_what_says_nothing_here_and_something_there(): void
    {
        $desk = Desk::plain()->layer('water', 'b2')->cell('base', 'b1', 'follow', self::button(1));
        $nothing = $desk->nothing('water', 'b1')->assembled();
        $something = $desk->cell('water', 'b1', 'follow', self::button(5))->assembled();
        $this->assertSame(
            ['cells/water/d/b1' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [self::button(5)]]],
            self::changes($nothing, self::stored($something)),
        );
        $this->assertSame(
            ['cells/water/d/b1' => ['nothing' => true]],
            self::changes($something, self::stored($nothing)),
        );
    }
}
