<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** What a press of a control does, or where its axis sends, in one layer. */
final readonly class AssignmentRow
{
    /**
     * @param ?array<string, mixed>            $behaviour in the open format, as
     *                                         are outputs, over and when; null for an axis
     * @param array<int, array<string, mixed>> $outputs   those that have a way, by their place
     * @param array<int, ?string>              $actions   which each stands for, by the same places
     * @param array<string, string>            $over      how an output is handed over from another layer
     * @param ?array<string, mixed>            $when      null if it does not depend on anything
     * @param ?int                             $otherwise the assignment that a
     *                                         press is bound to when that does not hold
     * @param bool                             $isElse    is it one that another does otherwise?
     * @param ?int                             $as        the contact as which it does; then it does nothing itself
     */
    public function __construct(
        public int $layer,
        public string $ref,
        public ?array $behaviour,
        public array $outputs,
        public array $actions,
        public array $over,
        public ?array $when,
        public ?int $otherwise = null,
        public bool $isElse = false,
        public ?int $as = null,
    ) {}

    /** Does it say the same of the same control? Numbers of layers and assignments may differ. */
    public function isAs(self $other): bool
    {
        return new self(
            $other->layer,
            $this->ref,
            $this->behaviour,
            $this->outputs,
            $this->actions,
            $this->over,
            $this->when,
            $other->otherwise,
            $this->isElse,
            $other->as,
        ) == $other;
    }
}
