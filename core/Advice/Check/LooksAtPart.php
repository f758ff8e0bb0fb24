<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

/**
 * A check of parts of one section beside cells, which needs no game: each finding names its parts. The place that shows
 * such a
 * part tells it too.
 */
interface LooksAtPart extends Check
{
    /** @return string the section of the parts that it looks at: `lamps`; see PartPath */
    public static function section(): string;
}
