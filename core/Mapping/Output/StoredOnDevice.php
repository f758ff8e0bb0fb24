<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It can be kept by a device and driven by it alone. */
interface StoredOnDevice extends Output
{
    /** Why this device cannot do it; null if it can. */
    public function whyNotOn(DeviceByItself $device): ?string;
}
