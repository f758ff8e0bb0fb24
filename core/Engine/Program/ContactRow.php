<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** A contact that a program uses. */
final readonly class ContactRow
{
    /**
     * @param ?int      $opposite the contact that it is closed without
     * @param list<int> $noneOf   contacts that keep it open
     * @param int       $settle   how long none of them is closed before it closes, in µs
     * @param bool      $ofAxis   is it made from an axis?
     * @param int       $debounce in µs
     */
    public function __construct(
        public string $ref,
        public ?int $opposite,
        public array $noneOf,
        public int $settle,
        public bool $ofAxis,
        public int $debounce,
    ) {}
}
