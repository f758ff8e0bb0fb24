<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** A layer of a program. */
final readonly class LayerRow
{
    /**
     * @param bool $letsGo does leaving it end what was toggled and latched in it?
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $letsGo,
    ) {}
}
