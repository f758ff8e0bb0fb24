<?php

declare(strict_types=1);

// Read by PHP's opcode cache when the server starts (opcache.preload): the classes that pages and the live loop use,
// as `php artisan nailrod:warm` has listed them. A change of the code shows after the next bin/start.
$list = getenv('NAILROD_SERVE').'/preload.json';
$files = is_file($list) ? json_decode((string) file_get_contents($list), true) : [];
foreach (is_array($files) ? $files : [] as $file) {
    if (is_string($file) && is_file($file)) {
        @opcache_compile_file($file);
    }
}
