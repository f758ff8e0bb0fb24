<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\KnownPad;
use Nailrod\Core\Rig\Device\Recognition;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Rig\Wiring\GamepadBuilder;
use PHPUnit\Framework\TestCase;

/** Devices made of controllers that a browser shows, and which is which when they are plugged in again. */
final class GamepadsTest extends TestCase
{
    private static function device(bool $standard, int $axes, int $buttons): Device
    {
        return DeviceReader::read(
            Node::of(GamepadBuilder::build('pad', 'Pad', 'Model (x)', $standard, $axes, $buttons)),
        );
    }

    public function test_the_standard_mapping_gives_the_names_of_the_standard(): void
    {
        $pad = self::device(true, 4, 17);
        $names = array_map(fn ($control) => $control->name, $pad->controls);
        $this->assertCount(19, $names);
        $this->assertSame('Left stick', $names[0]);
        $this->assertContains('Bottom button in right cluster', $names);
        $this->assertContains('Center button in center cluster', $names);
        $this->assertSame(
            [-32767, 32767, true],
            [$pad->axes()[0]->min, $pad->axes()[0]->max, $pad->axes()[0]->centred],
        );
        $ports = GamepadBuilder::ports($pad, 4);
        $this->assertSame(
            ['pad/left-stick.x', 'pad/left-stick.y', 'pad/right-stick.x', 'pad/right-stick.y'],
            $ports['axes'],
        );
        $this->assertSame('pad/button-1', $ports['buttons'][0]);
        $this->assertSame('pad/button-7.pressed', $ports['buttons'][6]);
        $this->assertSame([6 => 'pad/button-7', 7 => 'pad/button-8'], $ports['analogue']);
    }

    public function test_any_other_mapping_gives_numbers_and_every_value_has_a_port(): void
    {
        foreach ([[0, 1], [1, 0], [7, 32], [64, 150], [3, 90]] as [$axes, $buttons]) {
            $pad = self::device(false, $axes, $buttons);
            $ports = GamepadBuilder::ports($pad, $axes);
            $this->assertCount($axes, array_filter($ports['axes']));
            $this->assertCount($buttons, $ports['buttons']);
            foreach ($pad->controls as $control) {
                $this->assertLessThanOrEqual($pad->width, $control->x);
                $this->assertLessThanOrEqual($pad->height, $control->y);
            }
        }
        $this->assertSame('Button 3', self::device(true, 2, 8)->controls[4]->name, 'too few for the standard');
    }

    /** @param list<KnownPad> $known */
    private static function recognised(array $known, int $slot, float ...$axes): ?string
    {
        return Recognition::of($known, 'M', $slot, array_values($axes))->device;
    }

    public function test_one_of_a_kind_is_recognised_wherever_it_is_plugged_in(): void
    {
        $this->assertNull(self::recognised([], 0, 0.0));
        $this->assertNull(self::recognised([new KnownPad('x', 'other', 0, false, [0.0])], 0, 0.0));
        $this->assertSame('a', self::recognised([new KnownPad('a', 'M', 0, false, [0.0])], 3, 0.9));
        $this->assertSame(
            'a',
            self::recognised([new KnownPad('a', 'M', 1, true, [0.0])], 1, 0.4),
            'a page that was opened again',
        );
    }

    public function test_of_two_the_one_that_is_away_is_meant(): void
    {
        $this->assertSame(
            'b',
            self::recognised([new KnownPad('a', 'M', 0, true, [0.5]), new KnownPad('b', 'M', 1, false, [0.1])], 1, 0.5),
        );
        $this->assertNull(
            self::recognised([new KnownPad('a', 'M', 0, true, [0.5])], 1, 0.5),
            'a second one of its model',
        );
    }

    public function test_of_two_that_are_away_the_one_that_stands_as_it_was_left(): void
    {
        $known = [new KnownPad('a', 'M', 0, false, [0.02, -0.013]), new KnownPad('b', 'M', 1, false, [-0.03, 0.008])];
        $this->assertSame('b', self::recognised($known, 0, -0.03, 0.008));
        $this->assertSame('a', self::recognised($known, 1, 0.021, -0.013));
        $this->assertNull(Recognition::of($known, 'M', 0, [-0.03, 0.008])->other, 'told apart');
    }

    public function test_two_that_stand_alike_are_told_by_their_slot_and_that_is_not_sure(): void
    {
        $known = [new KnownPad('a', 'M', 0, false, [0.0]), new KnownPad('b', 'M', 1, false, [0.0])];
        $recognised = Recognition::of($known, 'M', 1, [0.0]);
        $this->assertSame(['b', 'a'], [$recognised->device, $recognised->other]);
    }
}
