<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A variable that each press changes between two values; from any other it goes to the first. */
final readonly class SwapVariable implements ContactOutput, WritesVariable
{
    use NamesVariable;
    use OnEveryPress;

    public function __construct(public string $name, public float $first, public float $second) {}

    public static function kind(): string
    {
        return 'swap variable';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'name', 'first', 'second']);

        $first = $node->get('first')->number(-1e9, 1e9);
        $second = $node->get('second')->number(-1e9, 1e9);

        return round($first, 6) === round($second, 6) ? throw $node->get('second')->refuse('another value than the first') : new self($node->get('name')->id(), $first, $second);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'name' => $this->name, 'first' => $this->first, 'second' => $this->second];
    }

    public function inWordsOf(string $name): string
    {
        return sprintf('%s, %s or %s in turn', $name, json_encode(round($this->first, 6)), json_encode(round($this->second, 6)));
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->variables->set($this->name, $run->variables->valueOf($this->name) === round($this->first, 6) ? $this->second : $this->first, $cause);
    }
}
