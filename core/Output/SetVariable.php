<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A variable of the simulator that each press sets to one value. */
final readonly class SetVariable implements ContactOutput, WritesVariable
{
    use NamesVariable;
    use OnEveryPress;

    public function __construct(public string $name, public float $to) {}

    public static function kind(): string
    {
        return 'set variable';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'name', 'to']);

        return new self($node->get('name')->id(), $node->get('to')->number(-1e9, 1e9));
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'name' => $this->name, 'to' => $this->to];
    }

    public function inWordsOf(string $name): string
    {
        return sprintf('%s set to %s', $name, json_encode(round($this->to, 6)));
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->variables->set($this->name, $this->to, $cause);
    }
}
