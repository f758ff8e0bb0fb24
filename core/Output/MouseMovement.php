<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;

/** Moves the mouse at a speed that an axis gives: (2v - 1) times so many pixels a second. */
final readonly class MouseMovement implements AxisOutput
{
    public const FASTEST = 10_000;

    /** @param string $direction x (to the right) or y (down) */
    private function __construct(public string $direction, public float $speed) {}

    public static function kind(): string
    {
        return 'mouse movement';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'direction', 'speed']);

        return new self($node->get('direction')->oneOf(['x', 'y']), $node->get('speed')->number(1, self::FASTEST));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'direction' => $this->direction, 'speed' => $this->speed];
    }

    public function inWords(): string
    {
        return sprintf('mouse %s, up to %s px a second', $this->direction === 'x' ? 'left and right' : 'up and down', json_encode($this->speed));
    }

    public function event(): string
    {
        return OutputEvent::MOUSE;
    }

    public function target(): string
    {
        return $this->direction;
    }

    /** The speed in pixels a second. */
    public function send(float $value, int $integer): float
    {
        return (2.0 * $value - 1.0) * $this->speed;
    }
}
