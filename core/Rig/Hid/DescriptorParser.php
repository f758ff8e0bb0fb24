<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Hid;

/** Walks the items of a report descriptor: global state, local state, collections, and the fields they make. */
final class DescriptorParser
{
    private const MOST_FIELDS = 4096;
    private const MOST_BITS = 65_536;
    private const MOST_DEPTH = 64;
    private const MOST_SIZE = 32;

    /** @var array{page: int, min: int, max: int, size: int, count: int, id: int} */
    private array $global = ['page' => 0, 'min' => 0, 'max' => 0, 'size' => 0, 'count' => 0, 'id' => 0];

    /** @var list<array{page: int, min: int, max: int, size: int, count: int, id: int}> */
    private array $pushed = [];

    /** @var list<array{int, int, ?int}> ranges of usages, first and last, and the page that an extended one brings */
    private array $usages = [];

    /** @var ?array{int, ?int} */
    private ?array $usageMin = null;

    private bool $alternative = false;

    private bool $inDelimiter = false;

    private int $depth = 0;

    private int $made = 0;

    /** @var array<int, int> bits so far, by report id */
    private array $bits = [];

    /** @var array<int, list<ReportField>> */
    private array $fields = [];

    /**
     * @return array<int, HidReport> input reports by id
     *
     * @throws DescriptorError
     */
    public function parse(string $bytes): array
    {
        foreach (Item::all($bytes) as $item) {
            match ($item->type) {
                Item::MAIN => $this->main($item),
                Item::GLOBAL => $this->global($item),
                Item::LOCAL => $this->local($item),
                default => throw DescriptorError::at(
                    $item->offset,
                    'an item of the reserved type',
                    'a main, global or local item',
                ),
            };
        }
        if ($this->depth > 0) {
            throw DescriptorError::at(
                strlen($bytes),
                $this->depth.' collections that are still open',
                'an end for each',
            );
        }
        if ($this->bits === []) {
            throw DescriptorError::at(strlen($bytes), 'no input report', 'at least one');
        }
        ksort($this->bits);
        $reports = [];
        foreach ($this->bits as $id => $bits) {
            $reports[$id] = new HidReport($id, $bits, $this->fields[$id] ?? []);
        }

        return $reports;
    }

    private function main(Item $item): void
    {
        match ($item->tag) {
            0x8 => $this->input($item),
            0xA => $this->open($item),
            0xC => $this->close($item),
            default => null,
        };
        $this->usages = [];
        $this->usageMin = null;
        $this->alternative = $this->inDelimiter = false;
    }

    private function open(Item $item): void
    {
        if (++$this->depth > self::MOST_DEPTH) {
            throw DescriptorError::at($item->offset, 'a collection '.$this->depth.' deep', 'at most '.self::MOST_DEPTH);
        }
    }

    private function close(Item $item): void
    {
        if (--$this->depth < 0) {
            throw DescriptorError::at($item->offset, 'the end of a collection', 'a collection that is open');
        }
    }

    private function global(Item $item): void
    {
        $name = [
            0x0 => 'page',
            0x1 => 'min',
            0x2 => 'max',
            0x7 => 'size',
            0x8 => 'id',
            0x9 => 'count',
        ][$item->tag] ?? null;
        if ($item->tag === 0xA) {
            $this->push($item);
        } elseif ($item->tag === 0xB) {
            $this->global = array_pop($this->pushed) ?? throw DescriptorError::at(
                $item->offset,
                'a pop',
                'a push before it',
            );
        } elseif ($name === 'max') {
            // A highest value that reads as negative while the lowest is not is meant without a sign.
            $this->global['max'] = $this->global['min'] >= 0 ? $item->unsigned() : $item->signed();
        } elseif ($name !== null) {
            $this->global[$name] = $name === 'min' ? $item->signed() : $item->unsigned();
        }
        if ($name === 'id' && ($this->global['id'] < 1 || $this->global['id'] > 255)) {
            throw DescriptorError::at($item->offset, 'report id '.$this->global['id'], '1 to 255');
        }
    }

    private function push(Item $item): void
    {
        if (count($this->pushed) >= self::MOST_DEPTH) {
            throw DescriptorError::at(
                $item->offset,
                'a push '.(count($this->pushed) + 1).' deep',
                'at most '.self::MOST_DEPTH,
            );
        }
        $this->pushed[] = $this->global;
    }

    private function local(Item $item): void
    {
        $usage = $item->unsigned();
        $page = $item->size === 4 ? $usage >> 16 : null;
        $usage &= 0xFFFF;
        if ($item->tag === 0xA) {
            $this->inDelimiter = $item->unsigned() === 1;
            $this->alternative = false;
        } elseif ($item->tag === 0x0 && ! $this->alternative) {
            $this->usages[] = [$usage, $usage, $page];
            // Of alternatives between delimiters the first is the preferred one.
            $this->alternative = $this->inDelimiter;
        } elseif ($item->tag === 0x1) {
            $this->usageMin = [$usage, $page];
        } elseif ($item->tag === 0x2) {
            [$first, $firstPage] = $this->usageMin ?? [$usage, $page];
            if ($usage < $first) {
                throw DescriptorError::at(
                    $item->offset,
                    'usages from '.$first.' to '.$usage,
                    'a highest usage that is not below the lowest',
                );
            }
            $this->usages[] = [$first, $usage, $page ?? $firstPage];
            $this->usageMin = null;
        }
    }

    private function input(Item $item): void
    {
        $flags = $item->unsigned();
        ['size' => $size, 'count' => $count, 'id' => $id] = $this->global;
        $start = $this->bits[$id] ?? 0;
        if ($size * $count + $start > self::MOST_BITS || $count > self::MOST_BITS) {
            throw DescriptorError::at(
                $item->offset,
                $count.' values of '.$size.' bits',
                'at most '.self::MOST_BITS.' bits in a report',
            );
        }
        $this->bits[$id] = $start + $size * $count;
        if (($flags & 1) === 1 || $size === 0 || ($this->usages === [] && $this->global['page'] < Usages::VENDOR)) {
            return;
        }
        if ($size > self::MOST_SIZE && $this->global['page'] < Usages::VENDOR) {
            throw DescriptorError::at($item->offset, 'values of '.$size.' bits', 'at most '.self::MOST_SIZE);
        }
        if ($size > self::MOST_SIZE) {
            return;
        }
        if ($this->global['min'] > $this->global['max']) {
            throw DescriptorError::at(
                $item->offset,
                'a logical range from '.$this->global['min'].' to '.$this->global['max'],
                'a lowest value that is not above the highest',
            );
        }
        $this->made += $count;
        if ($this->made > self::MOST_FIELDS) {
            throw DescriptorError::at($item->offset, $this->made.' values', 'at most '.self::MOST_FIELDS);
        }
        for ($i = 0; $i < $count; $i++) {
            $this->fields[$id][] = $this->field($flags, $i, $start + $i * $size);
        }
    }

    private function field(int $flags, int $index, int $offset): ReportField
    {
        $isArray = ($flags & 2) === 0;
        [$first, $last, $page] = $isArray ? $this->arrayUsages() : $this->usageAt($index);

        return new ReportField(
            $page ?? $this->global['page'],
            $first,
            $last,
            $offset,
            $this->global['size'],
            $this->global['min'],
            $this->global['max'],
            ($flags & 4) !== 0,
            $isArray,
            ($flags & 0x40) !== 0,
        );
    }

    /** @return array{int, int, ?int} the usage of one of several values; the last usage goes on for the rest */
    private function usageAt(int $index): array
    {
        foreach ($this->usages as [$first, $last, $page]) {
            if ($index <= $last - $first) {
                return [$first + $index, $first + $index, $page];
            }
            $index -= $last - $first + 1;
        }
        $end = $this->usages === [] ? [0, 0, null] : $this->usages[count($this->usages) - 1];

        return [$end[1], $end[1], $end[2]];
    }

    /** @return array{int, int, ?int} */
    private function arrayUsages(): array
    {
        if ($this->usages === []) {
            return [0, 0, null];
        }

        return [min(array_column($this->usages, 0)), max(array_column($this->usages, 1)), $this->usages[0][2]];
    }
}
