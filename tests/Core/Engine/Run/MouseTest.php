<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Run;

use Nailrod\Core\Engine\Run\Machine;
use PHPUnit\Framework\TestCase;
use Tests\Core\Desk;

/** Stick C (0 to 1000, centred at 500) moves the mouse: at the end by 500 px a second, which is 4 px every 8 ms. */
final class MouseTest extends TestCase
{
    private static function desk(): Desk
    {
        return Desk::plain()->axis('base', 'c', ['kind' => 'mouse movement', 'direction' => 'x', 'speed' => 500]);
    }

    public function test_it_steps_8_ms_apart_from_when_the_speed_leaves_0(): void
    {
        $this->assertSame(
            ['13 mouse x 4', '21 mouse x 4', '29 mouse x 4'],
            self::desk()->play('0 c 500', '5 c 1000', '30 c 500'),
        );
    }

    public function test_the_fraction_is_carried_and_the_speed_may_change_on_the_way(): void
    {
        // 625 is a quarter of the way: 1 px a step. 563 is 0.126 of it: 0.504 px a step. Back at 500 it stands still,
        // and
        // what was owed is forgotten. 0 is all the way to the left.
        $this->assertSame(
            ['8 mouse x 1', '16 mouse x 1', '32 mouse x 1', '48 mouse x -4'],
            self::desk()->play('0 c 625', '17 c 563', '33 c 500', '40 c 0', '50 c 500'),
        );
    }

    public function test_it_stops_when_its_layer_goes_and_goes_on_when_it_is_back(): void
    {
        $desk = self::desk()->layer('water', 'b1')->nothing('water', 'c');
        $this->assertSame(
            ['8 mouse x 4', '10 layer live Water', '100 layer live Base', '108 mouse x 4'],
            $desk->play('0 c 1000', '10 b1 1', '100 b1 0', '110 c 500'),
        );
    }

    public function test_it_stops_when_the_device_is_unplugged_or_everything_is_let_go_of(): void
    {
        $machine = Machine::start(self::desk()->program());
        $machine->feed(Desk::inputs('0 c 1000', '9 c 1000'));
        $machine->unplug('d');
        $this->assertNull($machine->nextDue());
        $machine->plugIn('d');
        $machine->feed(Desk::inputs('20 c 900'));
        $this->assertSame(28_000, $machine->nextDue());
    }
}
