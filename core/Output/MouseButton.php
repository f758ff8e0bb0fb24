<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** A button of the mouse. */
final readonly class MouseButton implements ContactOutput
{
    public const BUTTONS = ['left', 'middle', 'right'];

    public function __construct(public string $button) {}

    public static function kind(): string
    {
        return 'mouse button';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'button']);

        return new self($node->get('button')->oneOf(self::BUTTONS));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'button' => $this->button];
    }

    public function inWords(): string
    {
        return $this->button.' mouse button';
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
        $run->holds->hold(OutputEvent::MOUSE, $this->button, $source, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->holds->letGo(OutputEvent::MOUSE, $this->button, $source, $cause);
    }
}
