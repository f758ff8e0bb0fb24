<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/**
 * What a browser tells of the reports of a device (WebHID, HIDCollectionInfo) as the bytes of a report descriptor that
 * describes the same input reports: the browser keeps the bytes of the device itself to itself.
 */
final class Collections
{
    private const MOST = 64;
    private const MOST_ITEMS = 512;
    private const MOST_DEPTH = 16;

    /** Prefixes of items with four bytes, or with one (HID 1.11, 6.2.2.4 to 6.2.2.8). */
    private const USAGE = 0x0B;
    private const USAGE_MIN = 0x1B;
    private const USAGE_MAX = 0x2B;
    private const LOGICAL_MIN = 0x17;
    private const LOGICAL_MAX = 0x27;
    private const SIZE = 0x77;
    private const COUNT = 0x97;
    private const REPORT_ID = "\x85";
    private const COLLECTION = "\xA1";
    private const END = "\xC0";
    private const INPUT = "\x81";

    /** @var array<int, true> reports that were described already: a collection within another tells them again */
    private array $described = [];

    private function __construct() {}

    /**
     * @param Node $collections as the browser has them
     *
     * @throws FormatError with the place of what cannot be
     */
    public static function bytes(Node $collections): string
    {
        $self = new self;

        return implode(
            '',
            array_map(fn (Node $one): string => $self->collection($one, 0), $collections->list(self::MOST)),
        );
    }

    private function collection(Node $node, int $depth): string
    {
        if ($depth > self::MOST_DEPTH) {
            throw $node->refuse('collections at most '.self::MOST_DEPTH.' deep');
        }
        $bytes = self::item(
            self::USAGE,
            ($node->get('usagePage')->int(0, 0xFFFF) << 16) | $node->get('usage')->int(0, 0xFFFF),
        ).self::COLLECTION.chr($node->maybe('type')?->int(0, 255) ?? 1);
        foreach ($node->maybe('inputReports')?->list(256) ?? [] as $report) {
            $bytes .= $this->report($report);
        }
        foreach ($node->maybe('children')?->list(self::MOST) ?? [] as $child) {
            $bytes .= $this->collection($child, $depth + 1);
        }

        return $bytes.self::END;
    }

    private function report(Node $node): string
    {
        $id = $node->maybe('reportId')?->int(0, 255) ?? 0;
        if (isset($this->described[$id])) {
            return '';
        }
        $this->described[$id] = true;

        return ($id === 0 ? '' : self::REPORT_ID.chr($id)).implode(
            '',
            array_map(self::field(...), $node->get('items')->list(self::MOST_ITEMS)),
        );
    }

    private static function field(Node $node): string
    {
        $is = fn (string $name): bool => $node->maybe($name)?->bool() ?? false;
        $number = fn (string $name): int => $node->maybe($name)?->int(-0x80000000, 0x7FFFFFFF) ?? 0;
        $usages = '';
        if ($is('isRange')) {
            $usages = self::item(
                self::USAGE_MIN,
                $node->get('usageMinimum')->int(0, 0xFFFFFFFF),
            ).self::item(self::USAGE_MAX, $node->get('usageMaximum')->int(0, 0xFFFFFFFF));
        } else {
            foreach ($node->maybe('usages')?->list(self::MOST_ITEMS) ?? [] as $usage) {
                $usages .= self::item(self::USAGE, $usage->int(0, 0xFFFFFFFF));
            }
        }
        $flags = ($is('isConstant') ? 1 : 0) | ($is('isArray') ? 0 : 2) | ($is('isAbsolute') ? 0 : 4)
            | ($is('hasNull') ? 0x40 : 0);

        return $usages
            .self::item(
                self::LOGICAL_MIN,
                $number('logicalMinimum'),
            ).self::item(self::LOGICAL_MAX, $number('logicalMaximum'))
            .self::item(self::SIZE, $node->get('reportSize')->int(0, 32)).self::item(
                self::COUNT,
                $node->get('reportCount')->int(0, 65_536),
            )
            .self::INPUT.chr($flags);
    }

    private static function item(int $prefix, int $value): string
    {
        return chr($prefix).pack('V', $value & 0xFFFFFFFF);
    }
}
