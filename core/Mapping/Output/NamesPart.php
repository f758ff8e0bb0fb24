<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that names parts of the set: a layer, a stop, a macro, a flag. */
interface NamesPart
{
    public const LAYER = 'layer';
    public const STOP = 'stop';
    public const MACRO = 'macro';
    public const FLAG = 'flag';

    /** @return list<array{string, string}> sort and id of each part that must be there */
    public function names(): array;

    /** The output as it is without that part; itself if it does not name it, null if nothing is left of it. */
    public function without(string $sort, string $id): ?Output;
}
