<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** The onboard memory of a device: how many banks, and how many bytes each. */
final readonly class MemorySpec
{
    public function __construct(public int $banks, public int $bankBytes) {}
}
