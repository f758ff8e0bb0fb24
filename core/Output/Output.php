<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;

/** What leaves Nailrod. A new kind is one class and one line in Outputs. */
interface Output
{
    public static function kind(): string;

    public static function read(Node $node): self;

    /** @return array<string, mixed> the output in the open format */
    public function toArray(): array;

    /** The output in a few words: "key Shift+L", "output 7". */
    public function inWords(): string;
}
