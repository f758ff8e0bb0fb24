<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

/** Something that one can go to by typing a part of its name. */
final readonly class Findable
{
    /**
     * @param string $kind what it is, in a word: "place", "control"
     * @param string $name that is shown
     * @param string $more further words by which it is found, and that are shown beside it
     * @param string $to   where it is; nothing is looked for in that
     */
    public function __construct(public string $kind, public string $name, public string $more, public string $to) {}
}
