<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions of browsers in files, each written whole and then renamed: on a full disk the last one stays, and the page
 * goes on.
 */
final class SessionFiles extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $file = $this->path.'/'.$sessionId;
        $draft = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($draft, $data) === strlen($data) && @rename($draft, $file)) {
            return true;
        }
        @unlink($draft);

        return false;
    }
}
