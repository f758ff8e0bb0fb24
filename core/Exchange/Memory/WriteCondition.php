<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

/** One thing that must be so before a device takes a write. */
final readonly class WriteCondition
{
    /**
     * @param string $says how it is: "In the mode Sends as a controller"
     * @param string $todo what the hand must do; empty if it is met
     */
    public function __construct(public bool $isMet, public string $says, public string $todo = '') {}

    public function inWords(): string
    {
        return $this->todo === '' ? $this->says.'.' : $this->says.'. '.$this->todo.'.';
    }
}
