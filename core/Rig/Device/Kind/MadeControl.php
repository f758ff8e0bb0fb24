<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Not on a device: made from axes. */
final readonly class MadeControl extends ControlKind
{
    public static function kind(): string
    {
        return 'made';
    }

    public function inWords(): string
    {
        return 'made from axes';
    }

    public function fits(Reports $reports): bool
    {
        return false;
    }

    public function numbered(Numbering $numbers): array
    {
        return [];
    }

    public function mark(): string
    {
        return 'M-50-36H50V36H-50Z';
    }

    public function room(): array
    {
        return [160, 160, 60];
    }

    public function beside(array $contacts, string $one): array
    {
        return [];
    }
}
