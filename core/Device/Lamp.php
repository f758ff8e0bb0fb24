<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** A lamp on a device, and where it is drawn. */
final readonly class Lamp
{
    public function __construct(public string $id, public int $x, public int $y) {}
}
