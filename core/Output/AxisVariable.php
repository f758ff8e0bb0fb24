<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;

/** A variable of the simulator that follows an axis between two values. */
final readonly class AxisVariable implements AxisOutput, WritesVariable
{
    use NamesVariable;

    public function __construct(public string $name, public float $low, public float $high) {}

    public static function kind(): string
    {
        return 'axis variable';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'name', 'low', 'high']);

        return new self($node->get('name')->id(), $node->get('low')->number(-1e9, 1e9), $node->get('high')->number(-1e9, 1e9));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'name' => $this->name, 'low' => $this->low, 'high' => $this->high];
    }

    public function inWordsOf(string $name): string
    {
        return sprintf('%s, %s to %s', $name, json_encode($this->low), json_encode($this->high));
    }

    public function event(): string
    {
        return OutputEvent::VARIABLE;
    }

    public function target(): string
    {
        return $this->name;
    }

    public function send(float $value, int $integer): float
    {
        return round($this->low + ($this->high - $this->low) * $value, 6);
    }
}
