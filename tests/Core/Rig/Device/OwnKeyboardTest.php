<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Device;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Rig\Device\OwnKeyboard;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\TestCase;

final class OwnKeyboardTest extends TestCase
{
    public function test_every_key_that_can_be_sent_can_also_be_pressed(): void
    {
        $codes = array_merge(array_keys(KeyCodes::all()), KeyCodes::MODIFIERS);
        $this->assertSame(
            ['IntlRo', 'IntlYen'],
            array_values(array_diff($codes, array_keys(OwnKeyboard::contacts()))),
            'those that few keyboards have',
        );
    }

    public function test_each_key_is_a_contact_with_its_usage_and_springs_back(): void
    {
        $device = DeviceReader::read(Node::of(OwnKeyboard::document()));
        $numbers = [];
        foreach ($device->contacts() as $contact) {
            $numbers[] = $contact->page->value.' '.$contact->number;
        }
        $this->assertSame(count($numbers), count(array_unique($numbers)), 'no usage stands for two keys');
        $of = fn (string $code): ?ContactInput => array_values(array_filter(
            $device->contacts(),
            fn (ContactInput $contact) => $contact->ref === OwnKeyboard::contacts()[$code],
        ))[0] ?? null;
        // HID Usage Tables 1.5, pages 0x07 and 0x0C.
        foreach (
            [
                'KeyA' => 0x04, 'KeyZ' => 0x1D, 'Digit1' => 0x1E, 'Digit9' => 0x26, 'Digit0' => 0x27, 'F1' => 0x3A,
                'F12' => 0x45, 'F13' => 0x68, 'F24' => 0x73, 'Numpad1' => 0x59, 'Numpad9' => 0x61, 'Numpad0' => 0x62,
                'ShiftRight' => 0xE5, 'AudioVolumeUp' => 0xE9,
            ] as $code => $usage
        ) {
            $this->assertSame($usage, $of($code)?->number, $code);
        }
        $this->assertTrue($device->controls[0]->kind->springsBack());
        $this->assertSame(2, $device->pages());
    }
}
