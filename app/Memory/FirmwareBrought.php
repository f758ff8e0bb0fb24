<?php

declare(strict_types=1);

namespace App\Memory;

use Illuminate\Support\Facades\Cache;
use Nailrod\Core\Exchange\Memory\FirmwareFile;

/** A firmware file that was brought and is looked at, before it goes into a device. It is kept for a while. */
final class FirmwareBrought
{
    private const MINUTES = 30;

    /** @return string the name under which it is found again */
    public static function keep(string $content): string
    {
        $name = hash('xxh128', $content);
        Cache::put('firmware-'.$name, base64_encode($content), now()->addMinutes(self::MINUTES));

        return $name;
    }

    public static function find(string $name): ?FirmwareFile
    {
        $content = $name === '' ? null : Cache::get('firmware-'.$name);

        return is_string($content) ? FirmwareFile::read((string) base64_decode($content, true)) : null;
    }
}
