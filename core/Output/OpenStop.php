<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A stop that is told to open; going from off to on is a press of the stop. */
final readonly class OpenStop implements ContactOutput, NamesPart
{
    use NamesOnePart;

    public function __construct(public string $stop) {}

    public static function kind(): string
    {
        return 'open stop';
    }

    public static function read(Node $node): self
    {
        return new self($node->only(['kind', 'stop'])->get('stop')->id());
    }

    public function names(): array
    {
        return [[self::STOP, $this->stop]];
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'stop' => $this->stop];
    }

    public function inWords(): string
    {
        return 'opens stop '.$this->stop;
    }

    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Run $run): bool
    {
        return $run->stops->isState($this->stop);
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->stops->hold($this->stop, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->stops->letGo($this->stop, $source, $cause);
    }
}
