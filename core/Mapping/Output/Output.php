<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Kind;
use Nailrod\Core\Format\Names;

/**
 * What leaves Nailrod: a contact drives a ContactOutput, an axis an AxisOutput. What else it can do it says by an
 * ability, a small interface: NamesPart, WritesVariable, StoredOnDevice, LeadsToLayer, IsNumbered, MeansAction,
 * PressesKeys. A new kind is one class and one line in Outputs; without an ability it is still right everywhere.
 */
interface Output extends Kind
{
    /** The output in a few words: "key Shift+L", "output 7". */
    public function inWords(Names $names): string;
}
