<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** Moves the mouse by so many pixels at every press. */
final readonly class MouseStep implements ContactOutput
{
    use OnEveryPress;

    /**
     * @param string $direction x (to the right) or y (down)
     * @param int    $by        pixels
     */
    public function __construct(public string $direction, public int $by) {}

    public static function kind(): string
    {
        return 'mouse step';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'direction', 'by']);

        $by = $node->get('by')->int(-2000, 2000);

        return $by === 0 ? throw $node->get('by')->refuse('pixels one way or the other') : new self($node->get('direction')->oneOf(['x', 'y']), $by);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'direction' => $this->direction, 'by' => $this->by];
    }

    public function inWords(): string
    {
        return sprintf('mouse %s %+d px', $this->direction, $this->by);
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->emit(OutputEvent::MOUSE, $this->direction, $this->by, $cause);
    }
}
