<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** Something made from axes. */
final readonly class MadeRow
{
    /**
     * @param array<string, mixed> $made     in the open format
     * @param list<int>            $sources  axes
     * @param list<int>            $axes     that it builds
     * @param list<int>            $contacts that it closes
     */
    public function __construct(
        public string $id,
        public array $made,
        public array $sources,
        public array $axes,
        public array $contacts,
    ) {}
}
