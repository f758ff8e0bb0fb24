<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** One step of the mouse wheel at every press. */
final readonly class MouseWheel implements ContactOutput
{
    use OnEveryPress;

    /** @param int $by steps, up is positive */
    public function __construct(public int $by) {}

    public static function kind(): string
    {
        return 'mouse wheel';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'by']);

        $by = $node->get('by')->int(-20, 20);

        return $by === 0 ? throw $node->get('by')->refuse('steps up (1 to 20) or down (-1 to -20)') : new self($by);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'by' => $this->by];
    }

    public function inWords(): string
    {
        return sprintf('mouse wheel %+d', $this->by);
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->emit(OutputEvent::MOUSE, 'wheel', $this->by, $cause);
    }
}
