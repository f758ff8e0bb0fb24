<?php

declare(strict_types=1);

namespace App\View;

use App\Memory\FilePort;
use Nailrod\Core\Device\Device;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Memory\Bank;
use Nailrod\Core\Memory\BankMemory;
use Nailrod\Core\Memory\DeviceMapping;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;

/** The Store place: what a device holds in its own memory, and what would be written to it. */
final readonly class StoreView
{
    public Device $device;

    public DeviceMapping $mapping;

    public string $content;

    public int $room;

    public ?Bank $inForce;

    /** @var list<?Bank> */
    public array $banks;

    public ?SetDocument $stored;

    public function __construct(public Place $place, Device $device)
    {
        $this->device = $device;
        $memory = new BankMemory(FilePort::of($device));
        $this->mapping = DeviceMapping::of($place->set, $device);
        $this->content = $this->mapping->encode();
        $this->room = $memory->room();
        $this->inForce = $memory->inForce();
        $this->banks = $memory->banks();
        $this->stored = $this->read();
    }

    public function isCurrent(): bool
    {
        return $this->inForce !== null && $this->inForce->content === $this->content;
    }

    /** @return list<array{subject: string, before: string, after: string}> from what is stored to what would be written */
    public function changes(): array
    {
        $before = $this->stored ?? $this->mapping->empty();

        return Changes::rows($this->place->words, SetDiff::between($before, $this->mapping->document));
    }

    /** @return list<array{subject: string, before: string, after: string}> all that the device holds once it is written */
    public function holds(): array
    {
        return Changes::rows($this->place->words, SetDiff::between($this->mapping->empty(), $this->mapping->document));
    }

    private function read(): ?SetDocument
    {
        try {
            return $this->inForce === null ? null : DeviceMapping::decode($this->inForce->content);
        } catch (FormatError) {
            return null;
        }
    }
}
