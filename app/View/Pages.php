<?php

declare(strict_types=1);

namespace App\View;

/** One page of a list that goes on. */
final readonly class Pages
{
    public int $page;

    public int $last;

    /**
     * @param int $count of all
     * @param int $each  on a page
     * @param int $asked which page, from 1 on; one that there is not becomes the nearest
     */
    public function __construct(public int $count, public int $each, int $asked)
    {
        $this->last = max(1, (int) ceil($count / $each));
        $this->page = max(1, min($this->last, $asked));
    }

    /** How many come before this page. */
    public function before(): int
    {
        return ($this->page - 1) * $this->each;
    }

    /** "51 to 100 of 260". */
    public function inWords(): string
    {
        return sprintf(
            '%d to %d of %d',
            $this->before() + 1,
            min($this->count, $this->before() + $this->each),
            $this->count,
        );
    }
}
