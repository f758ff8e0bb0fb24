<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** Lets go of everything that is held, toggled or repeating, and ends all macros. */
final readonly class LetGo implements ContactOutput
{
    use OnEveryPress;

    public function __construct() {}

    public static function kind(): string
    {
        return 'let go of everything';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind']);

        return new self;
    }

    public function toArray(): array
    {
        return ['kind' => self::kind()];
    }

    public function inWords(): string
    {
        return 'lets go of everything';
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->lettingGo->ofEverything($cause);
    }
}
