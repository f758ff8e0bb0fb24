<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** Several contacts closed together, in one layer, that count as one press: a part `chords/LAYER/ID`. */
final readonly class Chord
{
    public const WITHIN_MS = 60.0;

    /**
     * @param list<string> $of      references of its contacts, two or more
     * @param int          $within  the last must close less than this after the first, in µs
     * @param list<Output> $outputs on from when it forms until the first of its contacts opens
     */
    private function __construct(public string $name, public array $of, public int $within, public array $outputs, public ?Condition $when) {}

    public static function read(Node $node): self
    {
        $node->only(['name', 'of', 'within_ms', 'outputs', 'when']);
        $of = array_map(fn (Node $ref) => $ref->string(), $node->get('of')->list(8));
        if (count($of) < 2 || count(array_unique($of)) !== count($of)) {
            throw $node->get('of')->refuse('two or more contacts, each once');
        }
        $outputs = array_map(Outputs::read(...), $node->get('outputs')->list(16));
        if ($outputs === []) {
            throw $node->get('outputs')->refuse('at least one output');
        }
        $when = $node->maybe('when');

        return new self($node->get('name')->string(60), $of, (int) round(1000 * ($node->maybe('within_ms')?->number(1, 2000) ?? self::WITHIN_MS)), $outputs, $when === null ? null : Condition::read($when));
    }

    /** Are all contacts of another one among these? */
    public function contains(self $other): bool
    {
        return array_diff($other->of, $this->of) === [];
    }
}
