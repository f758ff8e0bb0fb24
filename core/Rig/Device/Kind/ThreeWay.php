<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** A switch that stays up, in the middle or down. */
final readonly class ThreeWay extends UpAndDown
{
    public static function kind(): string
    {
        return 'three-way';
    }

    public function inWords(): string
    {
        return 'three-way switch';
    }

    public function numbered(Numbering $numbers): array
    {
        return ['contacts' => [
            $numbers->contact('up'),
            $numbers->contact('down'),
            ['id' => 'middle', 'name' => 'middle', 'none_of' => ['up', 'down']],
        ]];
    }

    public function short(): string
    {
        return 'Sw3';
    }

    public function latches(): bool
    {
        return true;
    }
}
