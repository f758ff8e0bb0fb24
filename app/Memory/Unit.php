<?php

declare(strict_types=1);

namespace App\Memory;

use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\Fault\Fault;
use Nailrod\Core\Exchange\Memory\Fault\Faults;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Memory\PausingPort;
use Nailrod\Core\Exchange\Memory\StandInPort;
use Nailrod\Core\Exchange\Memory\UnitIdentity;
use Nailrod\Core\Exchange\Memory\UnitState;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Device;

/**
 * A unit of a device on this desk: a stand-in whose memory, firmware, mode and faults are files in one folder, so that
 * they survive whatever happens to the programs.
 *
 * @phpstan-type Written array{mode?: string, pressed?: int, fault?: string, percent?: int}
 */
final readonly class Unit
{
    private const STATE = '.unit.json';
    private const TELLS = '.device.json';
    private const FIRMWARE_BANKS = 2;
    private const FIRMWARE_BYTES = 262_144;

    /** The device with the firmware that is in this unit. */
    public Device $device;

    /**
     * How the unit is; what is wrong with it is not in it, since where in a write that happens depends on the write.
     */
    public UnitState $state;

    /** Kind of what is wrong with it; empty if nothing is. */
    public string $fault;

    /** After how many percent of a write that happens. */
    public int $percent;

    /** @param string $key empty for the first unit of the device, else its serial */
    private function __construct(Device $device, public string $key, private string $file)
    {
        $text = is_file($this->file.self::STATE) ? (string) file_get_contents($this->file.self::STATE) : '';
        $said = (array) json_decode($text, true);
        $this->state = new UnitState(
            $key === '' ? $device->onboard->serials[0] ?? null : $key,
            is_string($said['mode'] ?? null) ? $said['mode'] : null,
            is_int($said['pressed'] ?? null) ? $said['pressed'] : null,
        );
        $this->fault = is_string($said['fault'] ?? null) && isset(Faults::all()[$said['fault']]) ? $said['fault'] : '';
        $this->percent = is_int($said['percent'] ?? null) ? $said['percent'] : 0;
        $content = is_file($this->file.'.firmware') ? (new BankMemory($this->firmwareBytes()))->read() : null;
        try {
            $firmware = $content === null ? null : FirmwareFile::read($content);
        } catch (FormatError) {
            // Of another version of this program: the one that it left the works with.
            $firmware = null;
        }
        $this->device = $firmware === null ? $device : $device->withFirmware($firmware->version, $firmware->keeps);
    }

    /** @param ?string $serial of the unit; null for the first */
    public static function of(Device $device, ?string $serial = null): self
    {
        $folder = (string) config('nailrod.memory');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        $isFirst = $serial === null || $serial === ($device->onboard->serials[0] ?? null) || ! in_array(
            $serial,
            $device->onboard->serials,
            true,
        );

        return new self(
            $device,
            $isFirst ? '' : $serial,
            $folder.'/'.$device->id.(
                $isFirst ? '' : '.'.strtolower((string) preg_replace('/[^A-Za-z0-9-]+/', '-', $serial))
            ),
        );
    }

    /** "Fennel"; "Teasel TS-0231" where there are several. */
    public function title(): string
    {
        return count($this->device->onboard->serials) > 1
            ? $this->device->name
            .' '
            .$this->serial()
            : $this->device->name;
    }

    public function serial(): ?string
    {
        return $this->state->serial;
    }

    /** What the unit says of itself now. */
    public function tells(): UnitIdentity
    {
        return $this->port()->tells();
    }

    /** @param int $cost how many bytes the write sends that is to come: where in it what is wrong happens */
    public function port(int $cost = 0): StandInPort
    {
        $keeps = $this->device->keeps();

        return new StandInPort(
            FilePort::at($this->file.'.memory', $keeps->banks ?? 2, $keeps->bankBytes ?? 0),
            $this->device,
            $this->state->under($this->faultIn($cost)),
            self::clock(),
        );
    }

    /** The two images of its firmware. */
    public function firmwarePort(int $cost = 0): StandInPort
    {
        return new StandInPort(
            $this->firmwareBytes(),
            $this->device,
            $this->state->under($this->faultIn($cost)),
            self::clock(),
            true,
        );
    }

    private function firmwareBytes(): FilePort
    {
        return FilePort::at($this->file.'.firmware', self::FIRMWARE_BANKS, self::FIRMWARE_BYTES);
    }

    private function faultIn(int $cost): ?Fault
    {
        return $this->fault === '' ? null : Faults::of($this->fault, intdiv($cost * $this->percent, 100));
    }

    /** The memory that it answers with. */
    public function memory(int $cost = 0): BankMemory
    {
        return new BankMemory(new PausingPort($this->port($cost)));
    }

    /** A hand moves the slide at its back. */
    public function slide(string $mode): void
    {
        $this->become($this->state->slid($mode));
    }

    /** A hand does what lets a write in. */
    public function press(): void
    {
        $this->become($this->state->pressed(self::clock()()));
    }

    /**
     * Something is wrong with it, or nothing any more.
     *
     * @param string $kind    of the fault; empty: it is mended
     * @param int    $percent of a write after which it happens
     *
     * @throws FormatError if there is no such fault
     */
    public function put(string $kind, int $percent): void
    {
        if ($kind !== '') {
            Faults::of($kind, 0);
        }
        $this->change(
            ['fault' => $kind === '' ? null : $kind, 'percent' => $kind === '' ? null : max(0, min(100, $percent))],
        );
    }

    private function become(UnitState $state): void
    {
        $this->change(['mode' => $state->mode, 'pressed' => $state->pressed]);
    }

    /** @param array<string, mixed> $said */
    private function change(array $said): void
    {
        $before = is_file($this->file.self::STATE) ? (array) json_decode(
            (string) file_get_contents($this->file.self::STATE),
            true,
        ) : [];
        self::replace(
            $this->file.self::STATE,
            (string) json_encode(array_filter($said + $before, fn (mixed $value) => $value !== null)),
        );
    }

    /** What it says it is, in the open format; null if it was never told. */
    public function document(): ?string
    {
        return is_file($this->file.self::TELLS) ? (string) file_get_contents($this->file.self::TELLS) : null;
    }

    /** A stand-in knows what it is from the first write on, so that it is enough by itself in another installation. */
    public function knows(string $document): void
    {
        if ($document !== '' && $document !== $this->document()) {
            self::replace($this->file.self::TELLS, $document);
        }
    }

    /** Written whole, then renamed: nobody reads half of it, and nobody waits for who writes it. */
    private static function replace(string $file, string $content): void
    {
        $draft = $file.'.'.bin2hex(random_bytes(4)).'.new';
        if (@file_put_contents($draft, $content) !== strlen($content) || ! @rename($draft, $file)) {
            @unlink($draft);

            throw DeviceRefuses::noRoom();
        }
    }

    /** @return list<string> what the units on the desk say that they are */
    public static function told(): array
    {
        return array_map(
            fn (string $file) => (string) file_get_contents($file),
            glob(config('nailrod.memory').'/*'.self::TELLS) ?: [],
        );
    }

    /** @return \Closure(): int in ms */
    private static function clock(): \Closure
    {
        return fn (): int => (int) (1000 * microtime(true));
    }
}
