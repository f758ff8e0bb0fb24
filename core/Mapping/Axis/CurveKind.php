<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Kind;

/** A kind of curve. A new one is one class and one line in Curves. */
interface CurveKind extends Kind
{
    /**
     * What it does to the values of an axis.
     *
     * @param bool $centred does it bend each half outwards from the centre?
     */
    public function over(bool $centred): Stage;
}
