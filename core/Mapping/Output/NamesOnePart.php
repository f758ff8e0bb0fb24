<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that names one part, without which it is nothing. */
trait NamesOnePart
{
    public function without(string $sort, string $id): ?Output
    {
        return $this->names() === [[$sort, $id]] ? null : $this;
    }
}
