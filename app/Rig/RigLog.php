<?php

declare(strict_types=1);

namespace App\Rig;

use App\Storage\Tidy;

/** What the rig's process has to say to whoever looks after it: few lines, a few megabytes at most. */
final readonly class RigLog
{
    public function __construct(private string $file) {}

    public function error(\Throwable $error): void
    {
        $this->say($error::class.': '.$error->getMessage().' at '.basename($error->getFile()).':'.$error->getLine());
    }

    public function say(string $line): void
    {
        if (is_file($this->file) && filesize($this->file) > Tidy::LOG_BYTES) {
            for ($i = Tidy::LOGS_KEPT - 1; $i > 0; $i--) {
                @rename($this->file.'.'.$i, $this->file.'.'.($i + 1));
            }
            @rename($this->file, $this->file.'.1');
        }
        @file_put_contents($this->file, date('c').' '.$line."\n", FILE_APPEND);
    }
}
