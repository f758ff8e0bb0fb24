<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** Contacts that mean something together. */
final readonly class ChordRow
{
    /**
     * @param list<int>             $members contacts
     * @param int                   $within  how much time may lie between the first and the last, in µs
     * @param int                   $held    how long all are closed before it comes on, in µs
     * @param ?array<string, mixed> $when    in the open format; null if it does not depend on anything
     */
    public function __construct(
        public string $id,
        public array $members,
        public int $within,
        public int $held,
        public int $assignment,
        public ?array $when,
    ) {}
}
