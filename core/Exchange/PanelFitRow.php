<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

/** One end of a tile of a panel that comes from a file: what it did there, what it does here. */
final readonly class PanelFitRow
{
    /**
     * @param string $end   plus, minus or a way of a stick, in words; empty for the tile as a whole
     * @param string $does  empty if nothing here does it
     * @param string $lacks what is not here; empty if it fits
     */
    public function __construct(
        public string $tile,
        public string $end,
        public string $did,
        public string $does,
        public string $lacks,
    ) {}
}
