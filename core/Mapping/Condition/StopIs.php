<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Output\DeviceByItself;

final readonly class StopIs implements Question
{
    use AsksOne;

    private const WAYS = ['open', 'shut'];

    public static function sort(): string
    {
        return Id::STOP;
    }

    public static function about(): string
    {
        return 'A stop is open or shut.';
    }

    public function holds(RunView $run): bool
    {
        return $run->isStopOpen($this->name) === ($this->is === 'open');
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->hasStop($this->name) ? null : 'it depends on a stop that the device does not keep';
    }
}
