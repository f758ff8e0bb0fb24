<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/**
 * Contacts that close and open with the places of axes. Where it stands is one whole number, which the run remembers.
 */
interface MadeContacts extends Made
{
    public const TRAVEL = 'travel';
    public const SHAPED = 'shaped value';

    /** Travel, or the value after dead zones, curve and range? */
    public function looksAt(): string;

    /**
     * Where it stands now. While the number stays, nothing opens or closes; with one source, the values at which it
     * stays lie all in one piece.
     *
     * @param ?int        $was    null at the first value
     * @param list<float> $values of its sources, in their order, 0..1
     */
    public function next(?int $was, array $values): int;

    /** @return list<bool> is it closed, by contact in the order of contacts(), opposites left out */
    public function closed(int $stands): array;
}
