<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Tape;

/**
 * What happened and why, in its parts; a person reads them with arrows between. Once it is a line of the tape it never
 * changes.
 */
final readonly class Sentence
{
    /**
     * @param int          $t     µs since the start
     * @param string       $about what it is about, so that a newer one may take the place of
     *                            an older: an axis, or a moment
     * @param list<string> $parts
     * @param bool         $ends  does it tell the end of what an earlier one began?
     * @param list<string> $keys  keys of the output events that it tells of
     * @param list<string> $game  what the simulator made of it at once
     * @param int          $line  number of the line that it is; 0 as long as it is none
     * @param ?On          $over  what it tells the end of
     * @param ?int         $of    number of the line that it goes on from: it tells the end
     *                            of what that began, or what came of it
     */
    public function __construct(
        public int $t,
        public string $about,
        public array $parts,
        public bool $ends,
        public array $keys,
        public array $game = [],
        public int $line = 0,
        public ?On $over = null,
        public ?int $of = null,
    ) {}

    public function asLine(int $line, ?int $of): self
    {
        return new self(
            $this->t,
            $this->about,
            $this->parts,
            $this->ends,
            $this->keys,
            $this->game,
            $line,
            $this->over,
            $of,
        );
    }

    /** @param list<string> $keys of output events that it tells of, too */
    public function telling(array $keys): self
    {
        return new self(
            $this->t,
            $this->about,
            $this->parts,
            $this->ends,
            [...$this->keys, ...$keys],
            $this->game,
            $this->line,
            $this->over,
            $this->of,
        );
    }

    /** @param list<string> $game */
    public function answered(array $game): self
    {
        return new self(
            $this->t,
            $this->about,
            $this->parts,
            $this->ends,
            $this->keys,
            [...$this->game, ...$game],
            $this->line,
            $this->over,
            $this->of,
        );
    }
}
