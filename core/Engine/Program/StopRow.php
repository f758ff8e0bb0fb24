<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** A stop of axes. */
final readonly class StopRow
{
    /**
     * @param array<string, mixed> $stop in the open format
     */
    public function __construct(
        public string $id,
        public array $stop,
    ) {}
}
