<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** The layer that is settled from now on. */
final readonly class GoToLayer implements ContactOutput, NamesPart
{
    use NamesOnePart;
    use OnEveryPress;

    public function __construct(public string $layer) {}

    public static function kind(): string
    {
        return 'go to layer';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'layer']);

        return new self($node->get('layer')->id());
    }

    public function names(): array
    {
        return [[self::LAYER, $this->layer]];
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'layer' => $this->layer];
    }

    public function inWords(): string
    {
        return 'goes to layer '.$this->layer;
    }

    public function startsWhenFound(Run $run): bool
    {
        return ! $run->findsAgain;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->layers->settle($this->layer, $cause);
    }
}
