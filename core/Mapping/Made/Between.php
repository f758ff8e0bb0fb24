<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;

/** A contact that is closed while an axis is between two places. */
final readonly class Between extends Threshold
{
    public static function kind(): string
    {
        return 'between';
    }

    public static function about(): string
    {
        return 'A contact that is closed while an axis is between two places.';
    }

    /** What was a single place is a tenth of the travel from there on. */
    public static function completed(array $said): array
    {
        $at = $said['at'] ?? null;

        return isset($said['to']) || ! is_float($at) ? $said : array_replace($said, ['to' => min(1.0, $at + 0.1)]);
    }

    protected static function places(): array
    {
        return [
            Field::required('at', 'From', Number::at(), 'The lower of the two places.', 0.4),
            Field::required('to', 'To', Number::at(), 'The higher one.', 0.5),
        ];
    }

    protected static function opensBelow(): bool
    {
        return true;
    }

    protected static function opensAbove(): bool
    {
        return true;
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            'Closes while %s is between %s and %s, and opens %s outside.',
            $this->what($sources[0]),
            Percent::at($this->at, $centred),
            Percent::at($this->to, $centred),
            Percent::by($this->hysteresis, $centred),
        );
    }
}
