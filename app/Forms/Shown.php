<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Mapping\Lamp\SeenType;
use Nailrod\Core\Mapping\Output\KeyCode;
use Nailrod\Core\Rig\Panel\IconName;

/**
 * What a list to choose from asks for, so that it can be shown instead of looked up: pressed, moved, typed
 * (`resources/js/choose.js`).
 */
final class Shown
{
    /** An attribute of the list; empty where there is nothing to show. */
    public static function by(Type $type): string
    {
        $of = $type instanceof Several ? $type->of : $type;
        $sort = match (true) {
            $of instanceof Reference, $of instanceof Id => $of->sort,
            $of instanceof KeyCode => 'key',
            $of instanceof SeenType => 'condition',
            $of instanceof IconName => 'icon',
            default => '',
        };

        return $sort === '' ? '' : ' data-of="'.$sort.'"';
    }
}
