<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\AxisInput;

/** What most parts of an axis do alike. */
trait IsAxisPart
{
    public static function isOfReadings(): bool
    {
        return false;
    }

    public static function isOffered(AxisInput $axis): bool
    {
        return ! self::isOfReadings() || ! $axis->isBuilt();
    }

    public static function check(Node $node): void
    {
        self::fields(null)->read($node);
    }

    public static function schema(): array
    {
        return self::fields(null)->schema([], self::about());
    }

    public static function completed(array $said): array
    {
        return $said;
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'As it comes.';
    }
}
