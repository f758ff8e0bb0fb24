<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Hid;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Hid\Collections;
use Nailrod\Core\Rig\Hid\ReportDescriptor;
use Nailrod\Core\Rig\Hid\ReportField;
use PHPUnit\Framework\TestCase;

final class CollectionsTest extends TestCase
{
    /**
     * Two axes of 8 bits, a hat that can be centred, four buttons and their padding: as bytes, and as a browser tells
     * them.
     */
    private const BYTES = '05010904A1018501093009311500267F0075089502'
        .'81020939150025077504950181420509190129041500250175019504810295048103C0';

    /** @return list<array<string, mixed>> */
    private static function told(): array
    {
        $item = fn (array $said): array => $said + [
            'isAbsolute' => true, 'isArray' => false, 'isConstant' => false, 'isRange' => false, 'hasNull' => false,
        ];
        $report = ['reportId' => 1, 'items' => [
            $item([
                'usages' => [0x10030, 0x10031], 'logicalMinimum' => 0, 'logicalMaximum' => 127, 'reportSize' => 8,
                'reportCount' => 2,
            ]),
            $item([
                'usages' => [0x10039], 'logicalMinimum' => 0, 'logicalMaximum' => 7, 'reportSize' => 4,
                'reportCount' => 1, 'hasNull' => true,
            ]),
            $item([
                'isRange' => true, 'usageMinimum' => 0x90001, 'usageMaximum' => 0x90004, 'logicalMinimum' => 0,
                'logicalMaximum' => 1, 'reportSize' => 1, 'reportCount' => 4,
            ]),
            $item(['isConstant' => true, 'reportSize' => 1, 'reportCount' => 4]),
        ]];

        return [
            [
                'usagePage' => 1, 'usage' => 4, 'type' => 1, 'inputReports' => [$report],
                'children' => [
                    ['usagePage' => 1, 'usage' => 1, 'type' => 0, 'inputReports' => [$report], 'children' => []],
                ],
            ],
        ];
    }

    public function test_what_a_browser_tells_describes_the_same_reports_as_the_bytes_of_the_device(): void
    {
        $bytes = ReportDescriptor::parse((string) hex2bin(self::BYTES));
        $told = ReportDescriptor::parse(Collections::bytes(Node::of(self::told())));
        $this->assertEquals($bytes, $told);
        $values = fn (ReportDescriptor $of): array => array_map(
            fn (array $one) => $one[1],
            $of->decode("\x01\x7F\x05\x93\x00"),
        );
        $this->assertSame($values($bytes), $values($told));
    }

    public function test_lowest_values_below_zero_and_relative_values_are_kept(): void
    {
        $said = self::told();
        $said[0]['inputReports'][0]['items'] = [
            [
                'usages' => [0x10038], 'logicalMinimum' => -127, 'logicalMaximum' => 127, 'reportSize' => 8,
                'reportCount' => 1, 'isAbsolute' => false, 'isArray' => false,
            ],
        ];
        $encoders = ReportDescriptor::parse(Collections::bytes(Node::of($said)))->encoders();
        $this->assertSame(
            [[-127, 127]],
            array_map(fn (ReportField $field) => [$field->logicalMin, $field->logicalMax], $encoders),
        );
    }

    public function test_what_no_browser_tells_is_refused_with_its_place(): void
    {
        $said = self::told();
        $said[0]['inputReports'][0]['items'][0]['reportSize'] = 'many';
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('reportSize');
        Collections::bytes(Node::of($said));
    }
}
