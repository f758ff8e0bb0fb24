<?php

declare(strict_types=1);

namespace App\Memory;

use Nailrod\Core\Device\Device;
use Nailrod\Core\Memory\CableCut;
use Nailrod\Core\Memory\MemoryPort;

/** The memory of a stand-in, kept in a file. Its cable can be cut after a number of bytes, to try what happens then. */
final class FilePort implements MemoryPort
{
    private const TELLS = '.device.json';

    private int $written = 0;

    private function __construct(private readonly string $file, private readonly int $banks, private readonly int $bankBytes, private readonly ?int $cutAfter) {}

    /** @param ?int $cutAfter how many bytes go over the cable before it is cut; null: it is not cut */
    public static function of(Device $device, ?int $cutAfter = null): self
    {
        $spec = $device->memory;
        $folder = (string) config('nailrod.memory');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }

        return new self($folder.'/'.$device->id.'.memory', $spec->banks ?? 2, $spec->bankBytes ?? 0, $cutAfter);
    }

    /** What the device says of itself, in the open format; null if it was never asked. */
    public function tells(): ?string
    {
        $file = self::document($this->file);

        return is_file($file) ? (string) file_get_contents($file) : null;
    }

    /** A stand-in knows what it is from the first write on, so that it is enough by itself in another installation. */
    public function tellsOf(string $document): void
    {
        if ($document !== '' && $document !== $this->tells()) {
            file_put_contents(self::document($this->file), $document, LOCK_EX);
        }
    }

    /** @return list<string> what the devices on the desk say of themselves */
    public static function told(): array
    {
        return array_map(fn (string $file) => (string) file_get_contents($file), glob(config('nailrod.memory').'/*'.self::TELLS) ?: []);
    }

    private static function document(string $memory): string
    {
        return preg_replace('/\.memory$/', '', $memory).self::TELLS;
    }

    /** @param int $bankBytes of each bank */
    public static function at(string $file, int $banks, int $bankBytes): self
    {
        return new self($file, $banks, $bankBytes, null);
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
        $lock = fopen($this->file.'.lock', 'c');
        assert($lock !== false);
        flock($lock, LOCK_EX);
        try {
            return $do();
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
    }

    public function read(int $offset, int $length): string
    {
        $content = is_file($this->file) ? (string) file_get_contents($this->file, false, null, $offset, max(0, $length)) : '';

        return str_pad($content, $length, "\xFF");
    }

    public function write(int $offset, string $bytes): void
    {
        $room = $this->cutAfter === null ? strlen($bytes) : max(0, $this->cutAfter - $this->written);
        $part = substr($bytes, 0, $room);
        $handle = fopen($this->file, 'c');
        assert($handle !== false);
        fseek($handle, $offset);
        fwrite($handle, $part);
        fclose($handle);
        $this->written += strlen($part);
        if (strlen($part) < strlen($bytes)) {
            throw CableCut::after($this->written);
        }
    }
}
