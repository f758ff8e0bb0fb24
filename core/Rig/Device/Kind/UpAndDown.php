<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** For switches that are put up and down. */
abstract readonly class UpAndDown extends ControlKind
{
    public function fits(Reports $reports): bool
    {
        return $reports->areContacts(2);
    }

    public function mark(): string
    {
        return 'M-32-40A32 32 0 0 1 32-40V40A32 32 0 0 1-32 40ZM-24 0A24 24 0 1 0 24 0A24 24 0 1 0-24 0Z';
    }

    public function room(): array
    {
        return [130, 260, 105];
    }

    public function isUpAndDown(): bool
    {
        return true;
    }
}
