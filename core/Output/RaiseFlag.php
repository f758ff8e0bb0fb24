<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** A flag that is up while the output is on; assignments can depend on it. */
final readonly class RaiseFlag implements ContactOutput, NamesPart
{
    use NamesOnePart;

    public function __construct(public string $flag) {}

    public static function kind(): string
    {
        return 'flag';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'flag']);

        return new self($node->get('flag')->id());
    }

    public function names(): array
    {
        return [[self::FLAG, $this->flag]];
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'flag' => $this->flag];
    }

    public function inWords(): string
    {
        return 'raises flag '.$this->flag;
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
        $run->holds->hold(OutputEvent::FLAG, $this->flag, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->holds->letGo(OutputEvent::FLAG, $this->flag, $source, $cause);
    }
}
