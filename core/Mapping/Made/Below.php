<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;

/** A contact that closes when an axis comes to a place or below, and opens when it has come back above it. */
final readonly class Below extends Threshold
{
    public static function kind(): string
    {
        return 'below';
    }

    public static function about(): string
    {
        return 'A contact that closes when an axis comes to a place or below, and opens when it has come back above '
            .'it.';
    }

    protected static function places(): array
    {
        return [Field::required('at', 'Closes at', Number::at(), 'Where it closes.', 0.5)];
    }

    protected static function opensBelow(): bool
    {
        return false;
    }

    protected static function opensAbove(): bool
    {
        return true;
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Closes when %s comes to %s or below, and opens above %s.',
            $this->what($sources[0]),
            Percent::at($this->at, $centred),
            Percent::at($this->at + $this->hysteresis, $centred),
        );
    }
}
