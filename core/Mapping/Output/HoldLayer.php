<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\IsKind;

use Nailrod\Core\Format\Type\Id;

/** A layer that is live while the output is on. */
final readonly class HoldLayer implements ContactOutput, IsWay, LeadsToLayer, NamesPart, StoredOnDevice
{
    use IsHeld;
    use IsKind;
    use NamesLayer;

    public static function kind(): string
    {
        return 'hold layer';
    }

    public static function title(): string
    {
        return 'hold a layer';
    }

    public static function about(): string
    {
        return 'A layer that is live while the output is on.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('layer', 'Layer', new Id(Id::LAYER), 'The layer, other than the base layer.'),
        );
    }

    public function holdsLayer(): bool
    {
        return true;
    }

    public function leadsBy(): string
    {
        return 'hold';
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->holdLayer($this->layer, $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfLayer($source, $cause);
    }
}
