<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

/** Gives what a device that is drawn by counting reports its numbers, one after the other. */
final class Numbering
{
    private const AXIS_MAX = 4095;

    private int $axes = 0;

    private int $contacts = 0;

    private int $hats = 0;

    private int $encoders = 0;

    /** @param bool $isKeys does the device report its contacts as keys of a keyboard? */
    public function __construct(private readonly bool $isKeys = false) {}

    /** @return array<string, mixed> an axis in the open format */
    public function axis(bool $isCentred): array
    {
        return ['number' => ++$this->axes, 'min' => 0, 'max' => self::AXIS_MAX, 'centred' => $isCentred];
    }

    /** @return array<string, mixed> a contact in the open format, with a name */
    public function contact(string $id, string $name = ''): array
    {
        return ['id' => $id, 'name' => $name === '' ? $id : $name, 'number' => ++$this->contacts];
    }

    /** @return array<string, mixed> the only contact of a control */
    public function button(): array
    {
        return ['number' => ++$this->contacts] + ($this->isKeys ? ['page' => 'key'] : []);
    }

    public function hat(): int
    {
        return ++$this->hats;
    }

    public function encoder(): int
    {
        return ++$this->encoders;
    }
}
