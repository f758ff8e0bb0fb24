<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/**
 * A variable that each press changes by a step between two limits. A step past a limit goes to the limit if it stops,
 * exactly to the other limit if it wraps.
 */
final readonly class StepVariable implements ContactOutput, WritesVariable
{
    use NamesVariable;
    use OnEveryPress;

    public function __construct(public string $name, public float $by, public float $low, public float $high, public bool $wraps) {}

    public static function kind(): string
    {
        return 'step variable';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'name', 'by', 'low', 'high', 'at_limit']);
        $by = $node->get('by')->number(-1e9, 1e9);
        $low = $node->get('low')->number(-1e9, 1e9);
        if (round($by, 6) === 0.0) {
            throw $node->get('by')->refuse('a step up or down');
        }

        return new self($node->get('name')->id(), $by, $low, $node->get('high')->number($low, 1e9), ($node->maybe('at_limit')?->oneOf(['stops', 'wraps']) ?? 'stops') === 'wraps');
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'name' => $this->name, 'by' => $this->by, 'low' => $this->low, 'high' => $this->high, 'at_limit' => $this->wraps ? 'wraps' : 'stops'];
    }

    public function inWordsOf(string $name): string
    {
        return sprintf('%s %s%s, %s to %s%s', $name, $this->by > 0 ? '+' : '', json_encode(round($this->by, 6)), json_encode(round($this->low, 6)), json_encode(round($this->high, 6)), $this->wraps ? ', wraps' : '');
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        // Rounded before it meets the limits, so that ten steps of 0.1 come to exactly 1.
        $to = round($run->variables->valueOf($this->name) + $this->by, 6);
        if ($to > $this->high) {
            $to = $this->wraps ? $this->low : $this->high;
        } elseif ($to < $this->low) {
            $to = $this->wraps ? $this->high : $this->low;
        }
        $run->variables->set($this->name, $to, $cause);
    }
}
