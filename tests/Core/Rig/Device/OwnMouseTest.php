<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Device;

use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\OwnMouse;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\TestCase;

final class OwnMouseTest extends TestCase
{
    public function test_its_buttons_have_their_usages_its_wheel_is_counted_and_its_pad_stays_where_it_is_put(): void
    {
        $device = DeviceReader::read(Node::of(OwnMouse::document()));
        $rig = new Rig([$device]);
        $inputs = OwnMouse::inputs($rig);
        // W3C UI Events, MouseEvent.button, against HID Usage Tables 1.5, page 0x09.
        $this->assertSame(
            [0 => '1', 1 => '3', 2 => '2', 3 => '4', 4 => '5'],
            array_map($rig->numberOf(...), $inputs['buttons'] ?? []),
        );
        $this->assertSame(
            ['mouse/wheel', ['mouse/pad.x', 0, 65535], ['mouse/pad.y', 0, 65535]],
            [$inputs['wheel'] ?? null, $inputs['across'] ?? null, $inputs['up'] ?? null],
        );
        $this->assertNull($rig->springsTo('mouse/pad.x'));
        $this->assertSame(0, $rig->springsTo('mouse/left'));
    }

    public function test_the_mouse_of_the_demo_is_the_one_of_the_computer(): void
    {
        $this->assertSame(
            OwnMouse::document(),
            Json::decode((string) file_get_contents(__DIR__.'/../../../../demo/devices/mouse.device.json')),
        );
    }

    public function test_a_mouse_that_is_read_by_its_reports_is_another(): void
    {
        $kept = DeviceReader::read(
            Node::of(Json::decode((string) file_get_contents(__DIR__.'/../../../Kept/devices/mouse.device.json'))),
        );
        $this->assertFalse(OwnMouse::isIn(new Rig([$kept])));
        $own = DeviceReader::read(Node::of(['id' => 'mouse-2'] + OwnMouse::document()));
        $this->assertSame('mouse-2/left', OwnMouse::inputs(new Rig([$kept, $own]))['buttons'][0] ?? null);
    }
}
