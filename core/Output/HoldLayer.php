<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A layer that is live while the output is on. */
final readonly class HoldLayer implements ContactOutput, NamesPart
{
    use NamesOnePart;

    public function __construct(public string $layer) {}

    public static function kind(): string
    {
        return 'hold layer';
    }

    public static function read(Node $node): self
    {
        return new self($node->only(['kind', 'layer'])->get('layer')->id());
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
        return 'holds layer '.$this->layer;
    }

    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Run $run): bool
    {
        return true;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->layers->push($this->layer, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->layers->remove($source, $cause);
    }
}
