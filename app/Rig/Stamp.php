<?php

declare(strict_types=1);

namespace App\Rig;

/** Which code is on the disk: the youngest of its files. */
final class Stamp
{
    /** Of the protocol. */
    public const VERSION = 1;

    public static function now(): string
    {
        clearstatcache();
        $youngest = 0;
        foreach (['core', 'app'] as $folder) {
            /** @var \SplFileInfo $file */
            foreach (
                new \RecursiveIteratorIterator(
                    new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS),
                ) as $file
            ) {
                $youngest = max($youngest, (int) $file->getMTime());
            }
        }

        return (string) $youngest;
    }
}
