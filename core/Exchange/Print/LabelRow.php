<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Sign;

/** One line of a label: in a layer, what comes of one way to move the control. */
final readonly class LabelRow
{
    /**
     * @param ?int   $look of its layer, where that is told; null where there is only one
     * @param string $text what comes of it
     * @param string $own  the owner's shorter words, should that have no room
     */
    public function __construct(public ?int $look, public ?Sign $sign, public string $text, public string $own) {}
}
