<?php

declare(strict_types=1);

// Router of PHP's own web server: files of public/ as they are, all else through the application.
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = realpath(__DIR__.'/public'.urldecode($path));
if ($path !== '/' && $file !== false && str_starts_with($file, __DIR__.'/public/') && is_file($file) && ! str_ends_with($file, '.php')) {
    return false;
}

require __DIR__.'/public/index.php';
