<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Hid;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Hid\DescriptorError;
use Nailrod\Core\Rig\Hid\DescriptorText;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Hid\ReportField;
use Nailrod\Core\Rig\Wiring\DeviceBuilder;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Descriptors written by hand, each for one hard part, with the fields that they must give. */
final class DescriptorsTest extends TestCase
{
    private static function parse(string $hex): ReportDescriptor
    {
        return ReportDescriptor::parse(DescriptorText::bytes($hex));
    }

    /** A field as "page:usage[-last] @offset size min..max flags". */
    private static function words(ReportField $field): string
    {
        return sprintf(
            '%X:%X%s @%d %d %d..%d',
            $field->page,
            $field->usage,
            $field->array ? sprintf('-%X', $field->lastUsage) : '',
            $field->bitOffset,
            $field->size,
            $field->logicalMin,
            $field->logicalMax,
        )
            .($field->relative ? ' relative' : '').($field->array ? ' array' : '').($field->nullState ? ' null' : '');
    }

    /**
     * @return iterable<string, array{string, array<int, array{int, list<string>}>, array{int, int, int, int}}> hex,
     *    bits and fields by report, counts of axes, encoders, hats, buttons
     */
    public static function descriptors(): iterable
    {
        $end = ' C0';
        yield 'two axes and eight buttons' => [
            '05 01 09 04 A1 01 15 00 26 FF 03 75 0A 95 02 09 30 09 31 81 02 75 04 95 01 81 03 05 09 19 01 29 08 15 '
                .'00 25 01 75 01 95 08 81 02'
                .$end,
            [
                0 => [
                    32,
                    [
                        '1:30 @0 10 0..1023', '1:31 @10 10 0..1023', '9:1 @24 1 0..1', '9:2 @25 1 0..1',
                        '9:3 @26 1 0..1', '9:4 @27 1 0..1', '9:5 @28 1 0..1', '9:6 @29 1 0..1', '9:7 @30 1 0..1',
                        '9:8 @31 1 0..1',
                    ],
                ],
            ],
            [2, 0, 0, 8],
        ];
        yield 'a hat with a null state' => [
            '05 01 09 04 A1 01 09 39 15 00 25 07 75 04 95 01 81 42 75 04 81 03'.$end,
            [0 => [8, ['1:39 @0 4 0..7 null']]], [0, 0, 1, 0],
        ];
        yield 'a signed range' => [
            '05 01 09 04 A1 01 16 00 80 26 FF 7F 75 10 95 01 09 32 81 02'.$end,
            [0 => [16, ['1:32 @0 16 -32768..32767']]],
            [1, 0, 0, 0],
        ];
        yield 'a highest value that looks negative' => [
            '05 01 09 04 A1 01 15 00 25 FF 75 08 95 01 09 36 81 02'.$end, [0 => [8, ['1:36 @0 8 0..255']]],
            [1, 0, 0, 0],
        ];
        yield 'sixteen bits without a sign' => [
            '05 01 09 04 A1 01 15 00 27 FF FF 00 00 75 10 95 01 09 33 81 02'.$end, [0 => [16, ['1:33 @0 16 0..65535']]],
            [1, 0, 0, 0],
        ];
        yield 'a relative wheel' => [
            '05 01 09 02 A1 01 15 81 25 7F 75 08 95 01 09 38 81 06'.$end, [0 => [8, ['1:38 @0 8 -127..127 relative']]],
            [0, 1, 0, 0],
        ];
        yield 'keys as an array' => [
            '05 01 09 06 A1 01 05 07 19 00 29 65 15 00 25 65 75 08 95 03 81 00'.$end,
            [0 => [24, ['7:0-65 @0 8 0..101 array', '7:0-65 @8 8 0..101 array', '7:0-65 @16 8 0..101 array']]],
            [0, 0, 0, 0],
        ];
        yield 'buttons as an array' => [
            '05 01 09 04 A1 01 05 09 19 01 29 20 15 01 25 20 75 08 95 02 81 00'.$end,
            [0 => [16, ['9:1-20 @0 8 1..32 array', '9:1-20 @8 8 1..32 array']]], [0, 0, 0, 32],
        ];
        yield 'two report ids' => [
            '05 01 09 04 A1 01 85 01 15 00 25 7F 75 08 95 01 09 30 81 02 85 07 09 31 81 02 09 32 81 02'.$end,
            [1 => [8, ['1:30 @0 8 0..127']], 7 => [16, ['1:31 @0 8 0..127', '1:32 @8 8 0..127']]],
            [3, 0, 0, 0],
        ];
        yield 'push and pop' => [
            '05 01 09 04 A1 01 15 00 25 7F 75 08 95 01 A4 05 02 26 FF 03 75 10 09 BB 81 02 B4 09 30 81 02'.$end,
            [0 => [24, ['2:BB @0 16 0..1023', '1:30 @16 8 0..127']]],
            [2, 0, 0, 0],
        ];
        yield 'extended usages bring their page' => [
            '05 09 A1 01 15 00 25 7F 75 08 95 02 0B 30 00 01 00 0B C6 00 02 00 81 02'.$end,
            [0 => [16, ['1:30 @0 8 0..127', '2:C6 @8 8 0..127']]],
            [2, 0, 0, 0],
        ];
        yield 'the page holds at the main item, also for usages before it' => [
            '09 04 A1 01 15 00 25 7F 75 08 95 01 09 31 05 01 81 02'.$end, [0 => [8, ['1:31 @0 8 0..127']]],
            [1, 0, 0, 0],
        ];
        yield 'vendor fields are told but make nothing' => [
            '06 00 FF 09 01 A1 01 15 00 25 7F 75 08 95 02 09 02 81 02'.$end,
            [0 => [16, ['FF00:2 @0 8 0..127', 'FF00:2 @8 8 0..127']]], [0, 0, 0, 0],
        ];
        yield 'several top-level collections' => [
            '05 01 09 04 A1 01 85 01 15 00 25 7F 75 08 95 01 09 30 81 02 C0 05 0C 09 01 A1 01 85 02 15 00 26 FF 03 '
                .'19 00 2A FF 03 75 10 95 01 81 00'
                .$end,
            [1 => [8, ['1:30 @0 8 0..127']], 2 => [16, ['C:0-3FF @0 16 0..1023 array']]],
            [1, 0, 0, 0],
        ];
        yield 'a long item is passed over' => [
            '05 01 09 04 A1 01 FE 02 F0 AA BB 15 00 25 7F 75 08 95 01 09 30 81 02'.$end,
            [0 => [8, ['1:30 @0 8 0..127']]],
            [1, 0, 0, 0],
        ];
        yield 'of alternatives the first' => [
            '05 01 09 04 A1 01 15 00 25 7F 75 08 95 01 A9 01 09 30 09 36 A9 00 81 02'.$end,
            [0 => [8, ['1:30 @0 8 0..127']]],
            [1, 0, 0, 0],
        ];
        yield 'fewer usages than values: the last goes on' => [
            '05 01 09 04 A1 01 15 00 25 7F 75 08 95 03 09 30 09 36 81 02'.$end,
            [0 => [24, ['1:30 @0 8 0..127', '1:36 @8 8 0..127', '1:36 @16 8 0..127']]],
            [3, 0, 0, 0],
        ];
        yield 'output and feature reports are no inputs' => [
            '05 01 09 04 A1 01 15 00 25 7F 75 08 95 01 09 30 81 02 95 40 09 31 91 02 09 32 B1 02'.$end,
            [0 => [8, ['1:30 @0 8 0..127']]],
            [1, 0, 0, 0],
        ];
    }

    /**
     * @param array<int, array{int, list<string>}> $reports
     * @param array{int, int, int, int}            $counts
     */
    #[DataProvider('descriptors')]
    public function test_a_descriptor_gives_the_fields_that_it_means(string $hex, array $reports, array $counts): void
    {
        $descriptor = self::parse($hex);
        $this->assertSame(
            $reports,
            array_map(
                fn ($report) => [$report->bits, array_map(self::words(...), $report->fields)],
                $descriptor->inputs,
            ),
        );
        $this->assertSame(
            $counts,
            [
                count($descriptor->axes()), count($descriptor->encoders()), count($descriptor->hats()),
                count($descriptor->buttons()),
            ],
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'cut off in an item' => ['05 01 26 FF', 'byte 2: found 1 bytes of data, expected 2, as the item says.'];
        yield 'cut off in a long item' => [
            '05 01 FE 09 00', 'byte 2: found 3 bytes of a long item, expected 12 bytes.',
        ];
        yield 'an end too many' => [
            '05 01 C0', 'byte 2: found the end of a collection, expected a collection that is open.',
        ];
        yield 'a collection left open' => [
            '05 01 09 04 A1 01 75 08 95 01 25 7F 09 30 81 02', 'byte 16: found 1 collections that are still open',
        ];
        yield 'a pop without a push' => ['B4', 'byte 0: found a pop, expected a push before it.'];
        yield 'report id 0' => ['85 00', 'byte 0: found report id 0, expected 1 to 255.'];
        yield 'no input' => ['05 01 09 04 A1 01 C0', 'byte 7: found no input report, expected at least one.'];
        yield 'too much' => [
            '05 01 09 30 75 20 97 FF FF FF 7F 81 02',
            'byte 11: found 2147483647 values of 32 bits, expected at most 65536 bits in a report.',
        ];
        yield 'a range upside down' => [
            '05 01 09 30 15 05 25 02 75 08 95 01 81 02', 'byte 12: found a logical range from 5 to 2',
        ];
        yield 'usages upside down' => ['05 09 19 08 29 01', 'byte 4: found usages from 8 to 1'];
        yield 'a reserved type' => ['0C', 'byte 0: found an item of the reserved type'];
        yield 'a word' => ['05 01 hello', 'the file: found "hello", expected the bytes of a report descriptor'];
        yield 'nothing' => ['   ', 'the file: found nothing, expected'];
    }

    #[DataProvider('broken')]
    public function test_a_descriptor_that_cannot_be_is_told_by_its_byte(string $hex, string $message): void
    {
        $this->expectException(DescriptorError::class);
        $this->expectExceptionMessage($message);
        self::parse($hex);
    }

    public function test_bytes_are_read_from_binary_hex_and_lists(): void
    {
        $bytes = "\x05\x01\x09\x04\xA1\x01\xC0";
        foreach ([
            $bytes, '05010904A101C0', "05 01\n09 04 A1 01 C0", '0x05, 0x01, 0x09, 0x04, 0xa1, 0x01, 0xc0',
            "static const uint8_t report[] = {\n  0x05, 0x01, // Usage Page (Generic Desktop)\n"
                ."  0x09, 0x04, /* Joystick */\n  0xA1, 0x01, 0xC0,\n};",
        ] as $text) {
            $this->assertSame($bytes, DescriptorText::bytes($text));
        }
    }

    public function test_reports_are_taken_apart_and_put_together(): void
    {
        $descriptor = self::parse(
            '05 01 09 04 A1 01 85 03 16 00 F8 26 FF 07 75 0C 95 01 09 30 81 02 15 00 25 07 75 04 09 39 81 42 C0',
        );
        [$axis, $hat] = $descriptor->inputs[3]->fields;
        foreach ([[-2048, 0], [-1, 7], [0, 15], [2047, 3]] as [$x, $direction]) {
            $data = $hat->write($axis->write("\0\0", $x), $direction);
            $this->assertSame([$x, $direction], array_column($descriptor->decode("\x03".$data), 1));
        }
        $this->assertFalse($hat->holds(15));
        $this->assertTrue($hat->holds(7));
        foreach (
            [
                "\x04\0\0" => 'found report id 4, expected one of 3',
                "\x03\0" => 'found 1 bytes of data, expected 2 in report 3',
            ] as $report => $message
        ) {
            try {
                $descriptor->decode($report);
                $this->fail($message);
            } catch (DescriptorError $error) {
                $this->assertStringContainsString($message, $error->getMessage());
            }
        }
    }

    public function test_a_device_is_made_of_a_descriptor_that_the_reader_takes(): void
    {
        foreach (self::descriptors() as $name => [$hex, , [$axes, $encoders, $hats, $buttons]]) {
            [
                'document' => $document, 'left_out' => $leftOut,
            ] = DeviceBuilder::build(self::parse($hex), 'taken', 'Made', 'gamepad');
            $this->assertSame([], $leftOut, $name);
            $device = DeviceReader::read(
                Node::of(['descriptor' => strtolower(str_replace(' ', '', $hex))] + $document),
            );
            $keys = count(self::parse($hex)->keys());
            $this->assertCount($axes + $encoders + $hats + $buttons + $keys, $device->controls, $name);
            $this->assertCount($axes + $encoders + $hats + $buttons + $keys, AtRest::of($device), $name);
            $this->assertCount($axes, $device->axes(), $name);
            $this->assertCount(4 * $hats + 2 * $encoders + $buttons + $keys, $device->contacts(), $name);
        }
        $signed = DeviceBuilder::build(
            self::parse('05 01 09 04 A1 01 16 00 80 26 FF 7F 75 10 95 01 09 32 81 02 C0'),
            'taken',
            'Made',
            'stick',
        );
        $axis = DeviceReader::read(Node::of($signed['document']))->axes()[0];
        $this->assertSame([-32768, 32767, true], [$axis->min, $axis->max, $axis->centred]);
    }

    public function test_what_a_device_cannot_have_is_left_out_and_told(): void
    {
        $made = DeviceBuilder::build(
            self::parse('05 01 09 04 A1 01 15 00 27 FF FF FF 7F 75 20 95 01 09 30 81 02 C0'),
            'taken',
            'Made',
            'stick',
        );
        $this->assertSame(['X reports 0 to 2147483647, which is not a range of 2 to 65536 steps.'], $made['left_out']);
        $many = DeviceBuilder::build(
            self::parse('05 01 09 04 A1 01 05 09 19 01 2A 2C 01 15 00 25 01 75 01 96 2C 01 81 02 C0'),
            'taken',
            'Made',
            'button box',
        );
        $this->assertCount(300 - 256, $many['left_out']);
    }

    public function test_random_and_truncated_bytes_end_in_a_device_or_a_clear_error(): void
    {
        $dice = new Randomizer(new Mt19937(17));
        $good = array_values(
            array_map(fn (array $case) => DescriptorText::bytes($case[0]), iterator_to_array(self::descriptors())),
        );
        $parsed = 0;
        for ($i = 0; $i < 10_000; $i++) {
            $bytes = match ($i % 3) {
                0 => $dice->getBytes($dice->getInt(1, 200)),
                1 => substr($good[$i % count($good)], 0, $dice->getInt(1, 60)),
                default => substr_replace(
                    $good[$i % count($good)],
                    $dice->getBytes($dice->getInt(1, 4)),
                    $dice->getInt(0, 20),
                    $dice->getInt(0, 4),
                ),
            };
            try {
                $descriptor = ReportDescriptor::parse($bytes);
                $parsed++;
                foreach ($descriptor->inputs as $id => $report) {
                    $descriptor->decode(($id === 0 ? '' : chr($id)).str_repeat("\xA5", $report->bytes()));
                }
                $descriptor->buttons();
            } catch (DescriptorError $error) {
                $this->assertMatchesRegularExpression('/^byte \d+: found .+, expected .+\.$/', $error->getMessage());
            }
        }
        $this->assertGreaterThan(500, $parsed);
        $this->assertLessThan(64 * 1_048_576, memory_get_peak_usage());
    }
}
