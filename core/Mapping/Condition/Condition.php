<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/**
 * What an assignment, a chord or a macro depends on, judged when its contact closes or when it is started: one
 * question, or several joined.
 */
interface Condition
{
    public function holds(RunView $run): bool;

    /** @return non-empty-list<Question> what it asks, in the order of the file */
    public function questions(): array;

    /**
     * What is left of it when things that it names go: what asks for a stop that can never be open, or a flag that can
     * never be up, is settled.
     *
     * @param callable(string, string): bool $isGone given the sort and the id
     *
     * @return self|bool true: it always holds then; false: never
     */
    public function left(callable $isGone): self|bool;

    /** The one that holds when this does not. */
    public function negated(): self;

    /** Why a device that has nothing else at the other end of its cable cannot judge it; null if it can. */
    public function whyNotOn(DeviceByItself $device): ?string;

    /** @return array<string, mixed> in the open format */
    public function toArray(): array;

    /** "Water rudder is up": what follows "only while". */
    public function inWords(Names $names): string;
}
