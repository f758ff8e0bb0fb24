<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;

/** An axis of the controller that the game sees. */
final readonly class ControllerAxis implements AxisOutput
{
    public const MOST = 32;

    public function __construct(public int $number) {}

    public static function kind(): string
    {
        return 'axis';
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
        return 'axis '.$this->number;
    }

    public function event(): string
    {
        return OutputEvent::AXIS;
    }

    public function target(): string
    {
        return (string) $this->number;
    }

    public function send(float $value, int $integer): int
    {
        return $integer;
    }
}
