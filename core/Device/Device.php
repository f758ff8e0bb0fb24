<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** One thing that reports inputs. */
final readonly class Device
{
    /**
     * @param list<Control> $controls in the order of the file
     * @param list<Lamp>    $lamps
     * @param int           $width    of the faceplate, in grid units
     * @param int           $height   of the faceplate, in grid units
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public bool $standIn,
        public array $controls,
        public array $lamps,
        public int $width,
        public int $height,
        public ?MemorySpec $memory,
    ) {}

    /** @return list<AxisInput> */
    public function axes(): array
    {
        return array_merge(...array_map(fn (Control $c) => $c->axes, $this->controls), ...[[]]);
    }

    /** @return list<ContactInput> */
    public function contacts(): array
    {
        return array_merge(...array_map(fn (Control $c) => $c->contacts, $this->controls), ...[[]]);
    }
}
