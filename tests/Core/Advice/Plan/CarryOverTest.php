<?php

declare(strict_types=1);

namespace Tests\Core\Advice\Plan;

use Nailrod\Core\Advice\Plan\CarryOver;
use Nailrod\Core\Advice\Plan\DeviceCarry;
use Nailrod\Core\Advice\Plan\InLine;
use Nailrod\Core\Advice\Plan\PlanEdits;
use Nailrod\Core\Advice\Plan\Planner;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Advice\Plan\RoleColumn;
use Nailrod\Core\Advice\Plan\RoleGrid;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Kind\Encoder;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Slot;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;

/** What is said once is had everywhere: from game to game, from device to device, and in line across sets. */
final class CarryOverTest extends TestCase
{
    private static function of(SetDocument $document): BindingSet
    {
        return (new Assembly(new DemoSets))->assemble($document);
    }

    private static function demo(string $id): BindingSet
    {
        return self::of((new DemoSets)->set($id) ?? throw new \LogicException($id));
    }

    /** @param array<string, mixed> $sections */
    private static function fresh(string $game, array $sections = []): BindingSet
    {
        return self::of(SetDocument::read(Node::of(
            [
                'format' => SetDocument::FORMAT, 'version' => 1, 'id' => 'fresh', 'name' => 'Fresh',
                'parent' => 'house', 'simulator' => $game,
            ] + $sections,
        )));
    }

    private static function planned(BindingSet $set): BindingSet
    {
        assert($set->catalogue !== null);

        return self::of((new PlanEdits($set))->take((new Planner($set, $set->catalogue))->plan()->proposals));
    }

    public function test_the_roles_of_one_game_find_their_places_in_another(): void
    {
        $from = self::planned(self::demo('skerrywing'));
        $to = self::fresh('hairpin-ladder');
        $both = array_intersect_key($to->catalogue?->byRole() ?? [], CarryOver::places($from));
        $after = self::of((new PlanEdits($to))->take(CarryOver::between($from, $to)->proposals));
        $there = CarryOver::places($after);
        $same = $other = [];
        foreach (array_keys($both) as $role) {
            $places = array_map(strval(...), CarryOver::places($from)[$role]);
            array_intersect(
                $places,
                array_map(strval(...), $there[$role] ?? []),
            ) === [] ? $other[$role] = implode(' ', $there[$role] ?? ['nowhere']) : $same[$role] = $places[0];
        }
        $this->assertSame([], array_diff_key($both, $there), 'all are placed');
        $this->assertEquals([
            'power' => 'base/fennel/left-lever', 'starter' => 'base/fennel/right-thumb',
            'talk' => 'base/gorse/trigger.half', 'horn' => 'base/gorse/trigger.full',
            'heat on' => 'base/fennel/switch-1.up', 'heat off' => 'base/fennel/switch-1.down',
            'main light on' => 'base/bracken/sprung-2.up', 'main light off' => 'base/bracken/sprung-2.down',
            'cabin light' => 'base/gorse/button-3', 'side lights' => 'base/rowan/button-1',
            'pause' => 'base/rowan/button-6',
            'look right' => 'base/gorse/hat.east', 'look left' => 'base/gorse/hat.west',
            'look higher' => 'base/gorse/hat.north', 'look lower' => 'base/gorse/hat.south',
            'volume up' => 'base/bracken/encoder-2.plus', 'volume down' => 'base/bracken/encoder-2.minus',
            'channel up' => 'base/bracken/encoder-1.plus', 'channel down' => 'base/bracken/encoder-1.minus',
            'zoom in' => 'base/bracken/encoder-3.plus', 'zoom out' => 'base/bracken/encoder-3.minus',
        ], $same);
        $this->assertSame(
            ['main power' => 'base/fennel/left-thumb'],
            $other,
            'the switch would fall out of step: this game only flips its ignition',
        );
        $this->assertGreaterThanOrEqual(0.9, count($same) / count($both));
    }

    public function test_the_old_box_goes_and_the_new_one_comes(): void
    {
        $set = self::demo('hairpin-ladder');
        $set = self::planned($set);
        [$old, $new] = [$set->rig->devices['bracken'], $set->rig->devices['teasel']];
        $before = CarryOver::places($set);
        $onOld = array_filter($before, fn (array $spots) => str_starts_with($spots[0]->ref, 'bracken/'));
        $carry = new DeviceCarry($set, $old, $new);
        $matches = $carry->matches();
        $after = self::of($carry->take($matches));
        $places = CarryOver::places($after);
        $placed = [];
        foreach ($onOld as $role => $spots) {
            $placed[$role] = substr($spots[0]->ref, 8).' > '.substr($places[$role][0]->ref ?? '', 7);
        }
        $this->assertSame([
            'handbrake' => 'push-1 > input-1', 'brake balance forward' => 'encoder-1.plus > input-33',
            'brake balance back' => 'encoder-1.minus > input-34',
            'rear bar up' => 'encoder-3.plus > input-37', 'rear bar down' => 'encoder-3.minus > input-38',
            'diff lock up' => 'encoder-2.plus > input-35', 'diff lock down' => 'encoder-2.minus > input-36',
            'throttle map up' => 'encoder-4.plus > input-39', 'throttle map down' => 'encoder-4.minus > input-40',
            'grip aid up' => 'sprung-1.up > input-17', 'grip aid down' => 'sprung-1.down > input-18',
            'boost up' => 'sprung-2.up > input-19', 'boost down' => 'sprung-2.down > input-20',
            'mixture richer' => 'sprung-3.up > input-21', 'mixture leaner' => 'sprung-3.down > input-22',
            'ride height up' => 'sprung-4.up > input-23', 'ride height down' => 'sprung-4.down > input-24',
            'photo' => 'push-12 > input-16',
        ], $placed, 'each in its row and in its order: all of them, so more than nine in ten');
        $this->assertSame(
            'Teasel has no free encoder; 2 buttons beside each other do the same',
            array_values(array_filter($matches, fn ($match) => $match->control->kind instanceof Encoder))[0]->why,
        );
        $this->assertSame(
            'pulse',
            $after->cell('base', 'teasel/input-33')?->behaviour?->toArray()['kind'],
            'a button has no ticks',
        );
        $this->assertSame(
            [],
            array_filter(array_keys($after->cells['base']), fn (string $ref) => str_starts_with($ref, 'bracken/')),
            'the old box does nothing any more',
        );
        $this->assertEquals($set->ways, $after->ways, 'numbers stay');
    }

    public function test_a_device_match_can_be_left_out_and_looks_at_what_other_sets_have_on_the_new_box(): void
    {
        $set = self::demo('hairpin-ladder');
        $carry = new DeviceCarry(
            $set,
            $set->rig->devices['bracken'],
            $set->rig->devices['teasel'],
            ['handbrake' => [new Slot('base', 'teasel/input-9')]],
        );
        $matches = $carry->matches();
        $this->assertSame(['bracken/push-1' => 'teasel/input-9'], $matches[0]->refs);
        $this->assertSame('the same job is there in another set', $matches[0]->why);
        $after = self::of($carry->take(array_slice($matches, 0, 1)));
        $this->assertNotNull($after->cell('base', 'bracken/push-12'));
        $axes = new DeviceCarry($set, $set->rig->devices['sedge'], $set->rig->devices['bracken']);
        $this->assertSame(
            [[], 'Bracken has nothing free that could do this'],
            [$axes->matches()[0]->refs, $axes->matches()[0]->why],
        );
    }

    public function test_the_grid_marks_what_is_elsewhere_and_one_click_brings_it_in_line(): void
    {
        $sets = [
            'hairpin-ladder' => self::demo('hairpin-ladder'), 'skerrywing' => self::demo('skerrywing'),
            'dunlin' => self::demo('dunlin'), 'house' => self::demo('house'),
        ];
        $sets['hairpin-ladder'] = self::of(
            (new InLine($sets['hairpin-ladder']))->bring(
                'horn',
                new Slot('base', 'rowan/button-9'),
            ) ?? throw new \LogicException,
        );
        $rows = array_column(RoleGrid::of(array_map(RoleColumn::of(...), $sets))->rows, null, 'role');
        $horn = $rows['horn'];
        $this->assertSame(['base/gorse/trigger.full', 2], [(string) $horn->usual, $horn->games]);
        $this->assertSame(
            [true, false, false],
            array_map($horn->differs(...), ['hairpin-ladder', 'skerrywing', 'dunlin']),
        );
        $this->assertFalse($horn->isIn('house'));
        $this->assertGreaterThan(
            array_search('clutch', array_keys($rows), true),
            array_search('crawl', array_keys($rows), true),
        );
        $back = self::of(
            (new InLine($sets['hairpin-ladder']))->bring(
                'horn',
                new Slot('base', 'gorse/trigger.full'),
            ) ?? throw new \LogicException,
        );
        $this->assertNull((new InLine($back))->bring('horn', new Slot('base', 'gorse/trigger.full')));
        $swapped = self::of(
            (new InLine($back))->bring('horn', new Slot('base', 'gorse/trigger.half')) ?? throw new \LogicException,
        );
        $this->assertSame(
            ['base/gorse/trigger.half', 'base/gorse/trigger.full'],
            [(string) Reach::of($swapped)->spots('horn')[0], (string) Reach::of($swapped)->spots('talk')[0]],
            'they change places',
        );
        $new = self::of(
            (new InLine($back))->bring('crawl', new Slot('nowhere', 'rowan/button-9')) ?? throw new \LogicException,
        );
        $this->assertSame('base/rowan/button-9', (string) Reach::of($new)->spots('crawl')[0]);
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('in use for something else in Hairpin Ladder');
        (new InLine($back))->bring('crawl', new Slot('base', 'gorse/trigger.half'));
    }
}
