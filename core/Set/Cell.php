<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** What one layer says of one contact or axis: an assignment, or *nothing*, which hides what the base layer says. */
final readonly class Cell
{
    /**
     * @param ?Behaviour   $behaviour none for an axis and for *nothing*
     * @param list<Output> $outputs   none for *nothing*
     */
    private function __construct(public ?Behaviour $behaviour, public array $outputs) {}

    public static function nothing(): self
    {
        return new self(null, []);
    }

    public static function read(Node $node): self
    {
        $node->only(['nothing', 'behaviour', 'outputs']);
        if ($node->has('nothing')) {
            if ($node->has('outputs') || ! $node->get('nothing')->bool()) {
                throw $node->get('nothing')->refuse('true, and no other field beside it');
            }

            return self::nothing();
        }
        $behaviour = $node->maybe('behaviour');
        $behaviour = $behaviour === null ? null : Behaviours::read($behaviour);
        $outputs = [];
        foreach ($node->get('outputs')->list(16) as $output) {
            $read = Outputs::read($output);
            if ($behaviour !== null && $read instanceof ContactOutput) {
                $refusal = $behaviour->refuses($read);
                if ($refusal !== null) {
                    throw $output->refuse($refusal);
                }
            }
            $outputs[] = $read;
        }
        if ($outputs === []) {
            throw $node->get('outputs')->refuse('at least one output');
        }

        return new self($behaviour, $outputs);
    }

    public function isNothing(): bool
    {
        return $this->outputs === [];
    }
}
