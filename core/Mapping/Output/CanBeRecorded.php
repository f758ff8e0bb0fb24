<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output by which the game is told something that is kept when a macro is recorded. */
interface CanBeRecorded extends ContactOutput
{
    /**
     * What of this kind an event tells: what was pressed, or let go of.
     *
     * @param int|float|string|null $before what was told of the same target before; null if nothing was
     *
     * @return list<array{self, bool}> an output, and whether it is down from then on
     */
    public static function recorded(OutputEvent $event, int|float|string|null $before): array;
}
