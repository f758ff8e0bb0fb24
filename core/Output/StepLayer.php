<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** The next or the previous layer in a list is settled; from outside the list its first or its last. */
final readonly class StepLayer implements ContactOutput, NamesPart
{
    use OnEveryPress;

    public const NEXT = 'next';
    public const PREVIOUS = 'previous';

    /**
     * @param list<string> $layers in their order
     * @param bool         $wraps  from the last to the first, or stops at the ends
     */
    public function __construct(public string $direction, public array $layers, public bool $wraps) {}

    public static function kind(): string
    {
        return 'step layer';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'direction', 'layers', 'at_end']);
        $layers = array_map(fn (Node $layer) => $layer->id(), $node->get('layers')->list(64));
        if (count($layers) < 2 || count(array_unique($layers)) !== count($layers)) {
            throw $node->get('layers')->refuse('two or more layers, each once');
        }

        return new self($node->get('direction')->oneOf([self::NEXT, self::PREVIOUS]), $layers, ($node->maybe('at_end')?->oneOf(['stops', 'wraps']) ?? 'wraps') === 'wraps');
    }

    public function names(): array
    {
        return array_map(fn (string $layer) => [self::LAYER, $layer], $this->layers);
    }

    /** The list is one shorter; a single layer is no list to step through. */
    public function without(string $sort, string $id): ?Output
    {
        $left = array_values(array_diff($this->layers, $sort === self::LAYER ? [$id] : []));
        if ($left === $this->layers) {
            return $this;
        }

        return count($left) < 2 ? null : new self($this->direction, $left, $this->wraps);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'direction' => $this->direction, 'layers' => $this->layers, 'at_end' => $this->wraps ? 'wraps' : 'stops'];
    }

    public function inWords(): string
    {
        return $this->direction.' layer of '.implode(', ', $this->layers);
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        $run->layers->settle($this->from($run->layers->settled()), $cause);
    }

    /** Where it leads while a layer is settled. */
    public function from(string $settled): string
    {
        $last = count($this->layers) - 1;
        $at = array_search($settled, $this->layers, true);
        if ($at === false) {
            return $this->layers[$this->direction === self::NEXT ? 0 : $last];
        }
        $to = $at + ($this->direction === self::NEXT ? 1 : -1);

        return $this->layers[$this->wraps ? ($to + $last + 1) % ($last + 1) : max(0, min($last, $to))];
    }
}
