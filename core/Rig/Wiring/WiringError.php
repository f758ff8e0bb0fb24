<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Wiring;

use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Rig\Hid\ReportField;

/** A control of a device that its report descriptor does not have, or has otherwise. */
final class WiringError extends \DomainException implements Refusal
{
    public static function missing(string $port, string $sort, string $number): self
    {
        return new self(sprintf('%s is %s %s, which the reports do not have.', $port, $sort, $number));
    }

    public static function range(string $port, int $min, int $max, ReportField $field): self
    {
        return new self(sprintf(
            '%s goes from %d to %d, the reports from %d to %d.',
            $port,
            $min,
            $max,
            $field->logicalMin,
            $field->logicalMax,
        ));
    }

    public static function noDescriptor(string $device): self
    {
        return new self(sprintf('%s has no report descriptor.', $device));
    }
}
