<?php

declare(strict_types=1);

namespace Nailrod\Core\Tape;

/** What happened and why, in its parts; a person reads them with arrows between. */
final readonly class Sentence
{
    /**
     * @param int          $t     µs since the start
     * @param string       $about what it is about, so that a newer one may take the place of an older: an axis, or a moment
     * @param list<string> $parts
     * @param bool         $ends  does it only end what an earlier one began?
     * @param list<string> $keys  keys of the output events that it tells of
     */
    public function __construct(
        public int $t,
        public string $about,
        public array $parts,
        public bool $ends,
        public array $keys,
    ) {}
}
