<?php

declare(strict_types=1);

namespace App\View;

/** What is picked on a place, so that it stays so on the next: a device, a layer, an input. */
final class Picked
{
    public string $device = '';

    public string $layer = '';

    /** Reference of a control, contact or axis. */
    public string $ref = '';

    /** Address within the set: "rig?do=try". */
    public string $at = '';

    /** @return array<string, string> those that there are */
    public function toArray(): array
    {
        return array_filter(['device' => $this->device, 'layer' => $this->layer, 'ref' => $this->ref]);
    }
}
