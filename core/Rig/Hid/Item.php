<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** One short item of a report descriptor (HID 1.11, 6.2.2.2). Long items are passed over: none is defined. */
final readonly class Item
{
    public const MAIN = 0;
    public const GLOBAL = 1;
    public const LOCAL = 2;

    /**
     * @param int $offset of its first byte in the descriptor
     * @param int $size   of its data in bytes: 0, 1, 2 or 4
     */
    private function __construct(
        public int $offset,
        public int $type,
        public int $tag,
        public int $size,
        private string $data,
    ) {}

    /**
     * @return \Generator<self>
     *
     * @throws DescriptorError if an item is cut off
     */
    public static function all(string $bytes): \Generator
    {
        $at = 0;
        $end = strlen($bytes);
        while ($at < $end) {
            $prefix = ord($bytes[$at]);
            if ($prefix === 0xFE) {
                $long = $at + 1 < $end ? ord($bytes[$at + 1]) : 0;
                if ($at + 3 + $long > $end) {
                    throw DescriptorError::at($at, ($end - $at).' bytes of a long item', (3 + $long).' bytes');
                }
                $at += 3 + $long;

                continue;
            }
            $size = [0, 1, 2, 4][$prefix & 3];
            if ($at + 1 + $size > $end) {
                throw DescriptorError::at($at, ($end - $at - 1).' bytes of data', $size.', as the item says');
            }
            yield new self($at, $prefix >> 2 & 3, $prefix >> 4, $size, substr($bytes, $at + 1, $size));
            $at += 1 + $size;
        }
    }

    public function unsigned(): int
    {
        $value = 0;
        for ($i = $this->size - 1; $i >= 0; $i--) {
            $value = $value << 8 | ord($this->data[$i]);
        }

        return $value;
    }

    public function signed(): int
    {
        $value = $this->unsigned();
        $sign = $this->size === 0 ? 0 : 1 << (8 * $this->size - 1);

        return ($value & $sign) !== 0 ? $value - 2 * $sign : $value;
    }
}
