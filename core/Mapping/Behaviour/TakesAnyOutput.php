<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Mapping\Output\ContactOutput;

/** For behaviours that can drive every output that a contact can. */
trait TakesAnyOutput
{
    public function refuses(ContactOutput $output): ?string
    {
        return null;
    }
}
