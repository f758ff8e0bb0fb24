<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** A button of the controller that the game sees. */
final readonly class ControllerButton implements ContactOutput
{
    public const MOST = 512;

    public function __construct(public int $number) {}

    public static function kind(): string
    {
        return 'button';
    }

    public static function read(Node $node): self
    {
        return new self($node->only(['kind', 'number'])->get('number')->int(1, self::MOST));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'number' => $this->number];
    }

    public function inWords(): string
    {
        return 'output '.$this->number;
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
        $run->holds->hold(OutputEvent::BUTTON, (string) $this->number, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->holds->letGo(OutputEvent::BUTTON, (string) $this->number, $source, $cause);
    }
}
