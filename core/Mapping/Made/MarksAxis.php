<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Rig\Device\ContactInput;

/** It has places on its axis, which a hand can drag. */
interface MarksAxis extends MadeContacts
{
    /** One flag on the curve each, or one line across all. */
    public const FLAG = 'threshold';
    public const LINE = 'bound';

    public function markKind(): string;

    /** @return array<string, float> places, 0..1, by the input that has them: at, to, bounds-0 */
    public function marks(): array;

    /** What a mark is called. */
    public function markName(string $mark): string;

    /** What stands beside the first mark, before its figure; empty for nothing. */
    public function markWords(): string;

    /** @return list<array{float, float}> from where to where it stays as it was, 0..1 */
    public function strips(): array;

    /**
     * @return list<array{float, float, ContactInput}> from where to where each contact is closed that has a stretch of
     *    its own
     */
    public function cuts(): array;

    /** How far it must come back or go past to change, all in all, 0..1. */
    public function band(): float;

    /**
     * The same in the open format when one of its marks has gone; null if nothing is left of it, or it cannot go alone.
     *
     * @return ?array<string, mixed> the fields that change
     */
    public function withoutMark(int $index): ?array;
}
