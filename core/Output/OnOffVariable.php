<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A variable of the simulator with one value while held and another while not. */
final readonly class OnOffVariable implements ContactOutput, WritesVariable
{
    use NamesVariable;

    public function __construct(public string $name, public float $on, public float $off) {}

    public static function kind(): string
    {
        return 'on/off variable';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'name', 'on', 'off']);

        return new self(
            $node->get('name')->id(),
            $node->maybe('on')?->number(-1e9, 1e9) ?? 1.0,
            $node->maybe('off')?->number(-1e9, 1e9) ?? 0.0,
        );
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'name' => $this->name, 'on' => $this->on, 'off' => $this->off];
    }

    public function inWordsOf(string $name): string
    {
        return sprintf('%s, %s or %s', $name, json_encode(round($this->on, 6)), json_encode(round($this->off, 6)));
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
        $run->variables->hold($this->name, $source, $this->on, $cause);
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        $run->variables->letGo($this->name, $source, $this->off, $cause);
    }
}
