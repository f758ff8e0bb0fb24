<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Format\Node;

/** Reads what a set says of lamps: a rule for one lamp, or a bar of several. */
final class LampRules
{
    public static function read(Node $node): LampRule
    {
        return $node->has('shows') ? LampBar::read($node) : LampWhen::read($node);
    }
}
