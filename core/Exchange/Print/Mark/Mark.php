<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print\Mark;

use Nailrod\Core\Exchange\Print\Ink;

/** Something that stands on a printed page, in mm from its upper left corner. */
interface Mark
{
    /** @return string itself in SVG, in units of mm */
    public function svg(Ink $ink): string;
}
