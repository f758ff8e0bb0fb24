<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Cause;

/** One timed input of the rig, or of the game (device `sim`). */
final readonly class Input
{
    /**
     * After a port: not moved by a hand. A control was found so, a variable was changed by the game itself; without a
     * control, a device came (1) or went (0).
     */
    public const ASIDE = '*';

    /**
     * @param int       $t     µs since the start of the run
     * @param string    $port  `device/control`, as in the columns of a recording
     * @param int|float $value a reading, 0 or 1 of a contact, ±n ticks, a direction of a hat, or a game's variable
     * @param int       $line  line of the file it was read from, 0 if none
     */
    public function __construct(public int $t, public string $port, public int|float $value, public int $line = 0) {}

    /** @param int $t in µs */
    public static function plug(int $t, string $device, bool $isThere): self
    {
        return new self($t, $device.'/'.self::ASIDE, (int) $isThere);
    }

    public function aside(): self
    {
        return new self($this->t, $this->port.self::ASIDE, $this->value, $this->line);
    }

    public function isAside(): bool
    {
        return str_ends_with($this->port, self::ASIDE);
    }

    /** Does it say that a device came or went? */
    public function isPlug(): bool
    {
        return str_ends_with($this->port, '/'.self::ASIDE);
    }

    /** Without the mark that it was not moved by a hand; of a device that came or went "device/". */
    public function plainPort(): string
    {
        return rtrim($this->port, self::ASIDE);
    }

    public function place(): string
    {
        return $this->line > 0 ? 'line '.$this->line : sprintf('%s at %d µs', $this->port, $this->t);
    }
}
