<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;

/** A contact that closes when an axis comes to a place or above, and opens when it has come back below it. */
final readonly class Above extends Threshold
{
    public static function kind(): string
    {
        return 'above';
    }

    public static function about(): string
    {
        return 'A contact that closes when an axis comes to a place or above, and opens when it has come back below '
            .'it.';
    }

    protected static function places(): array
    {
        return [Field::required('at', 'Closes at', Number::at(), 'Where it closes.', 0.5)];
    }

    protected static function opensBelow(): bool
    {
        return true;
    }

    protected static function opensAbove(): bool
    {
        return false;
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Closes when %s comes to %s or above, and opens below %s.',
            $this->what($sources[0]),
            Percent::at($this->at, $centred),
            Percent::at($this->at - $this->hysteresis, $centred),
        );
    }
}
