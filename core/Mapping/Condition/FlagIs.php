<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Output\DeviceByItself;

final readonly class FlagIs implements Question
{
    use AsksOne;

    private const WAYS = ['up', 'down'];

    public static function sort(): string
    {
        return Id::FLAG;
    }

    public static function about(): string
    {
        return 'A flag is up or down.';
    }

    public function holds(RunView $run): bool
    {
        return $run->isFlagUp($this->name) === ($this->is === 'up');
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->raises($this->name) ? null : 'it depends on a flag that is not the device\'s alone';
    }
}
