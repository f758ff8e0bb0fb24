<?php

declare(strict_types=1);

namespace Nailrod\Core\Program;

/** An axis that a program uses. */
final readonly class AxisRow
{
    /**
     * @param int                  $min     lowest reading
     * @param int                  $max     highest reading
     * @param ?int                 $degrees from end to end; null where that is not known
     * @param array<string, mixed> $shape   its parts in the open format
     * @param list<int>            $stops   those that hold it
     */
    public function __construct(
        public string $ref,
        public string $name,
        public int $number,
        public int $min,
        public int $max,
        public bool $centred,
        public ?int $degrees,
        public bool $built,
        public array $shape,
        public array $stops,
    ) {}
}
