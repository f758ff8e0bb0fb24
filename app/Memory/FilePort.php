<?php

declare(strict_types=1);

namespace App\Memory;

use App\Storage\Waits;
use Nailrod\Core\Exchange\Memory\DeviceRefuses;
use Nailrod\Core\Exchange\Memory\MemoryPort;

/** The bytes of a stand-in's memory, kept in a file. */
final readonly class FilePort implements MemoryPort
{
    private function __construct(private string $file, private int $banks, private int $bankBytes) {}

    /** @param int $bankBytes of each bank */
    public static function at(string $file, int $banks, int $bankBytes): self
    {
        return new self($file, $banks, $bankBytes);
    }

    public function size(): int
    {
        return $this->banks * $this->bankBytes;
    }

    public function banks(): int
    {
        return $this->banks;
    }

    public function alone(callable $do): mixed
    {
        $lock = @fopen($this->file.'.lock', 'c') ?: throw DeviceRefuses::noRoom();
        Waits::until(
            fn (): bool => flock($lock, LOCK_EX | LOCK_NB),
            'another program is writing to it.',
        ) || throw DeviceRefuses::busy();
        try {
            return $do();
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
    }

    public function read(int $offset, int $length): string
    {
        $content = is_file($this->file) ? (string) file_get_contents(
            $this->file,
            false,
            null,
            $offset,
            max(0, $length),
        ) : '';

        return str_pad($content, $length, "\xFF");
    }

    public function write(int $offset, string $bytes): void
    {
        $handle = @fopen($this->file, 'c') ?: throw DeviceRefuses::noRoom();
        fseek($handle, $offset);
        fwrite($handle, $bytes);
        fclose($handle);
    }
}
