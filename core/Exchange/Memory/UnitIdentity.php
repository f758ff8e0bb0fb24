<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Rig\Device\Device;

/** What a unit says of itself when it is asked, beside its device document. */
final readonly class UnitIdentity
{
    /**
     * @param ?string $serial   null if it has none
     * @param ?string $board    null if it does not say
     * @param ?string $firmware version that runs in it; null if it does not say
     * @param ?string $mode     id of the mode that it is in; null if it has but one
     * @param ?int    $open     for how many seconds a write can still begin, by its own clock;
     *                          0: not until a hand lets it; null: at any time
     */
    public function __construct(
        public ?string $serial,
        public ?string $board,
        public ?string $firmware,
        public ?string $mode,
        public ?int $open,
    ) {}

    /** What a device of which nothing else is known would say: its file. */
    public static function of(Device $device): self
    {
        $onboard = $device->onboard;

        return new self(
            $onboard->serials[0] ?? null,
            $onboard->board,
            $onboard->firmware,
            array_key_first($onboard->modes),
            $onboard->unlock === null ? null : 0,
        );
    }

    public function onBoard(string $board): self
    {
        return new self($this->serial, $board, $this->firmware, $this->mode, $this->open);
    }

    public function withFirmware(string $version): self
    {
        return new self($this->serial, $this->board, $version, $this->mode, $this->open);
    }

    public function inMode(?string $mode): self
    {
        return new self($this->serial, $this->board, $this->firmware, $mode, $this->open);
    }
}
