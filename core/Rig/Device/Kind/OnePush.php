<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** For what is pressed and springs back, with one contact. */
abstract readonly class OnePush extends ControlKind
{
    public function fits(Reports $reports): bool
    {
        return $reports->areContacts(1);
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => [$numbers->button()]];
    }

    public function mark(): string
    {
        return 'M-50-36H50V36H-50Z';
    }

    public function room(): array
    {
        return [160, 160, 60];
    }

    public function springsBack(): bool
    {
        return true;
    }
}
