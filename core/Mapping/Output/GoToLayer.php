<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\IsKind;

use Nailrod\Core\Format\Type\Id;

/** The layer that is settled from now on. */
final readonly class GoToLayer implements ContactOutput, LeadsToLayer, NamesPart, StoredOnDevice
{
    use IsKind;
    use NamesLayer;
    use OnEveryPress;

    public static function kind(): string
    {
        return 'go to layer';
    }

    public static function title(): string
    {
        return 'go to a layer';
    }

    public static function about(): string
    {
        return 'The layer that is settled from this press on.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('layer', 'Layer', new Id(Id::LAYER), 'The layer.'));
    }

    public function startsWhenFound(Effects $run): bool
    {
        return ! $run->findsAgain();
    }

    public function holdsLayer(): bool
    {
        return false;
    }

    public function leadsBy(): string
    {
        return 'go to';
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->settleLayer($this->layer, $cause);
    }
}
