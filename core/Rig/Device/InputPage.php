<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Rig\Hid\Usages;

/** To which page of the HID usage tables the number of a contact belongs. */
enum InputPage: string
{
    case Button = 'button';
    case Key = 'key';
    case Consumer = 'consumer';

    public function usagePage(): int
    {
        return match ($this) {
            self::Button => Usages::BUTTON,
            self::Key => Usages::KEYBOARD,
            self::Consumer => Usages::CONSUMER,
        };
    }

    /** The number as a person reads it: "12", "key 4". */
    public function show(int $number): string
    {
        return $this === self::Button ? (string) $number : $this->value.' '.$number;
    }
}
