<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Axis\PointCurve;
use Nailrod\Core\Mapping\Axis\StartingShape;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\ShapeEdits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** What a person does to the shaping of axes, beyond one part at a time. */
final class ShapingEditsTest extends TestCase
{
    private static function after(Desk $desk, SetDocument $document): BindingSet
    {
        return (new Assembly($desk))->assemble($document);
    }

    /** @return iterable<string, array{string}> */
    public static function shapes(): iterable
    {
        foreach (array_keys(StartingShape::all()) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('shapes')]
    public function test_every_starting_shape_fits_the_axes_it_is_for_and_keeps_the_calibration(string $id): void
    {
        $shape = StartingShape::all()[$id];
        foreach ($shape->centred === null ? ['a', 'c'] : [$shape->centred ? 'c' : 'a'] as $axis) {
            $desk = Desk::plain()->saying([
                'axes' => [
                    'd/'.$axis => [
                        'calibrate' => ['low' => 10, 'high' => 990], 'curve' => ['kind' => 'expo', 'k' => 0.9],
                        'range' => ['low' => 0.1],
                    ],
                ],
            ]);
            $set = self::after($desk, (new ShapeEdits($desk->assembled()))->beginWith('d/'.$axis, $id));
            $this->assertSame(10, $set->shapings['d/'.$axis]->calibration->low);
            $this->assertSame(
                0.0,
                $set->shapings['d/'.$axis]->range->low,
                'what the shape does not say is as it comes',
            );
            $this->assertCount(count($shape->stops), $set->stops);
            $this->assertCount(count($shape->made), $set->made);
            $this->assertStringEndsWith('.', $shape->why);
        }
    }

    public function test_a_throttle_with_idle_stop_cruise_stop_and_fuel_cut_works_as_one_expects(): void
    {
        $desk = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1])->saying(
            ['axes' => ['d/a' => ['calibrate' => ['low' => 0, 'high' => 1000]]]],
        );
        $document = (new ShapeEdits($desk->assembled()))->beginWith('d/a', 'idle');
        $document = $document->with(PartPath::axis('d/a', 'dead_zones'), ['high' => 0]);
        foreach (
            [
                ['d/b1', 'open stop', ['stop' => 'idle']], ['d/b2', 'open stop', ['stop' => 'cruise']],
                ['made/fuel-cut', 'button', ['number' => 9]],
            ] as [$ref, $kind, $of]
        ) {
            $document = $document->with(
                PartPath::cell('base', $ref),
                ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => $kind] + $of]],
            );
        }
        $machine = Machine::start(Compiler::compile(self::after($desk, $document)));
        $rows = Desk::rows($machine->feed(Desk::inputs(
            '0 a 500',
            '10 a 0',
            '20 a 300',
            '30 b1 1',
            '40 a 50',
            '50 a 40',
            '60 a 70',
            '70 b1 0',
            '80 a 1000',
            '90 b2 1',
            '100 b2 0',
            '110 a 890',
        )));
        $this->assertSame([
            '0 axis 1 32768',
            // Drawn to the end, the idle stop holds 12 %; the fuel cut looks at the lever itself, which is at 0.
            '10 axis 1 7864', '10 button 9 1', '20 axis 1 19661', '20 button 9 0',
            // With the idle stop held open the value goes under it, and the cut closes at 4 % and opens above 6 %.
            '30 stop idle 1', '40 axis 1 3277', '50 axis 1 2621', '50 button 9 1', '60 axis 1 4587', '60 button 9 0',
            '70 stop idle 0', '70 axis 1 7864',
            '80 axis 1 58982', '90 stop cruise 1', '90 axis 1 65535', '110 axis 1 58326', '110 stop cruise 0',
        ], $rows);
    }

    public function test_parts_are_copied_and_cleared_on_several_axes_at_once(): void
    {
        $desk = Desk::plain()->saying(['axes' => ['d/b' => ['range' => ['low' => 0.1]]]]);
        $set = self::after(
            $desk,
            (new ShapeEdits($desk->assembled()))->shapeAll(
                ['d/a', 'd/b'],
                ['curve' => ['kind' => 'expo', 'k' => 0.4], 'range' => null],
            ),
        );
        $this->assertSame(0.0, $set->shapings['d/b']->range->low);
        $this->assertSame(
            $set->merged->value(PartPath::axis('d/a', 'curve')),
            $set->merged->value(PartPath::axis('d/b', 'curve')),
        );
        $this->assertSame(['kind' => 'expo', 'k' => 0.4], $set->merged->value(PartPath::axis('d/a', 'curve')));
    }

    public function test_a_part_of_the_parent_is_cleared_for_this_set_and_given_back(): void
    {
        $desk = Desk::plain()->under('above', ['axes' => ['d/a' => ['notches' => ['kind' => 'flat', 'at' => [0.5]]]]]);
        $cleared = self::after($desk, (new ShapeEdits($desk->assembled()))->clear('d/a', 'notches'));
        $this->assertSame([], $cleared->shapings['d/a']->notches->at);
        $back = self::after($desk, (new Edits($cleared))->giveBack(PartPath::axis('d/a', 'notches')));
        $this->assertSame([0.5], $back->shapings['d/a']->notches->at);
    }

    public function test_what_is_made_goes_with_all_that_was_said_of_it(): void
    {
        $desk = Desk::plain()->saying([
            'made' => [
                'x' => ['kind' => 'larger', 'name' => 'X', 'of' => ['d/a', 'd/b']], 'full' => [
                    'kind' => 'above', 'name' => 'Full', 'of' => ['made/x'], 'at' => 0.9,
                ],
                'other' => ['kind' => 'above', 'name' => 'Other', 'of' => ['d/a'], 'at' => 0.9],
            ],
            'axes' => ['made/x' => ['range' => ['low' => 0.1]]],
            'stops' => [
                's' => ['name' => 'S', 'axes' => ['made/x', 'd/a'], 'at' => 0.5, 'opens' => 'held'],
                't' => ['name' => 'T', 'axes' => ['made/x'], 'at' => 0.6, 'opens' => 'held'],
            ],
            'cells' => ['base' => [
                'made/x' => ['outputs' => [['kind' => 'axis', 'number' => 1]]],
                'made/full' => [
                    'behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'button', 'number' => 1]],
                ],
                'd/b1' => ['behaviour' => ['kind' => 'follow'], 'outputs' => [['kind' => 'open stop', 'stop' => 't']]],
            ]],
            'lamps' => ['l' => ['lamp' => 'd/lamp', 'while' => ['stop' => 't', 'is' => 'open']]],
        ]);
        $set = self::after($desk, (new ShapeEdits($desk->assembled()))->removeMade('x'));
        $this->assertSame(['other'], array_keys($set->made));
        $this->assertSame([], $set->missing);
        $this->assertSame(
            [[], []],
            [array_filter($set->cells), $set->lamps],
            'what is made of it, and the stop that it alone had, take along what names them',
        );
        $this->assertSame(['s'], array_keys($set->stops));
        $this->assertSame(['d/a'], $set->stops['s']->axes);
    }

    public function test_what_is_made_must_be_made_of_something(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('made.x.of: found "d/z", expected an axis of the rig');
        (new ShapeEdits(Desk::plain()->assembled()))->made(
            'x',
            ['kind' => 'above', 'name' => 'X', 'of' => ['d/z'], 'at' => 0.5],
        );
    }

    public function test_hand_over_is_said_of_an_assignment_of_an_axis(): void
    {
        $desk = Desk::plain()->axis('base', 'a', ['kind' => 'axis', 'number' => 1]);
        $set = self::after($desk, (new Edits($desk->assembled()))->handOver('base', 'd/a', ['taking' => 'pick up']));
        $this->assertTrue($set->cell('base', 'd/a')?->over?->picksUp);
        $this->expectExceptionMessage('cells.base: found "d/b", expected an axis that this layer assigns');
        (new Edits($desk->assembled()))->handOver('base', 'd/b', []);
    }

    public function test_a_notch_and_a_point_are_taken_off_the_picture_each_by_its_place(): void
    {
        $desk = Desk::plain()->saying([
            'axes' => [
                'd/a' => [
                    'notches' => ['kind' => 'flat', 'at' => [0.2, 0.5, 0.8]],
                    'curve' => ['kind' => 'points', 'points' => [[0, 0], [0.3, 0.1], [0.6, 0.7], [1, 1]]],
                ],
            ],
        ]);
        $edits = new ShapeEdits($desk->assembled());
        $this->assertSame(
            [0.2, 0.8],
            self::after($desk, $edits->remove('notch', 'd/a', 1))->shapings['d/a']->notches->at,
        );
        $curve = self::after($desk, $edits->remove('point', 'd/a', 1))->shapings['d/a']->curve;
        $this->assertSame([[0.0, 0.0], [0.6, 0.7], [1.0, 1.0]], $curve instanceof PointCurve ? $curve->points : []);
    }

    public function test_notches_stand_in_their_order_whichever_came_first(): void
    {
        $desk = Desk::plain()->saying(['axes' => ['d/a' => ['notches' => ['kind' => 'flat', 'at' => [0.5]]]]]);
        $this->assertSame(
            [0.208, 0.5],
            self::after(
                $desk,
                (new ShapeEdits($desk->assembled()))->add('d/a', 'notch', 0.2),
            )->shapings['d/a']->notches->at,
        );
    }

    public function test_an_axis_with_nothing_but_a_notch_does_not_come_as_it_is(): void
    {
        $this->assertTrue(Desk::plain()->assembled()->shapings['d/a']->isAsItComes());
        $this->assertFalse(
            Desk::plain()->saying(
                ['axes' => ['d/a' => ['notches' => ['kind' => 'flat', 'at' => [0.5]]]]],
            )->assembled()->shapings['d/a']->isAsItComes(),
        );
    }
}
