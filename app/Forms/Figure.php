<?php

declare(strict_types=1);

namespace App\Forms;

use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;

/**
 * A number as a page shows it and a person types it, and as it stands in the file: parts of a travel are percent on the
 * page.
 */
final readonly class Figure
{
    /** @param bool $centred do places count from the centre, -100 to +100 %? */
    public function __construct(private bool $centred = false) {}

    /** @param string $unit see Number */
    public function shown(int|float $value, string $unit): string
    {
        return match ($unit) {
            Number::AT => Percent::figureAt((float) $value, $this->centred),
            Number::BY => Percent::figureBy((float) $value, $this->centred),
            Number::OF => Percent::figure((float) $value),
            default => (string) json_encode(floor((float) $value) === (float) $value ? (int) $value : $value),
        };
    }

    public function meant(float $typed, string $unit): float
    {
        return match ($unit) {
            Number::AT => Percent::partAt($typed, $this->centred),
            Number::BY => Percent::partBy($typed, $this->centred),
            Number::OF => Percent::part($typed),
            default => $typed,
        };
    }
}
