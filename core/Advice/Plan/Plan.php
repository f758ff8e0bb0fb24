<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

/** Proposals for actions that a set does not reach yet; immutable, nothing is done until they are taken. */
final readonly class Plan
{
    /**
     * @param list<Proposal>        $proposals
     * @param array<string, string> $left      why an action is left over, by its id
     * @param int                   $buttons   how many controller buttons are free after it
     * @param int                   $axes      how many controller axes are free after it
     */
    public function __construct(public array $proposals, public array $left, public int $buttons, public int $axes) {}

    /**
     * @param ?list<string> $ids null for all
     *
     * @return list<Proposal>
     */
    public function chosen(?array $ids): array
    {
        return $ids === null ? $this->proposals : array_values(
            array_filter($this->proposals, fn (Proposal $proposal) => in_array($proposal->id(), $ids, true)),
        );
    }
}
