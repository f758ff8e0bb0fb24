<?php

declare(strict_types=1);

use App\Pairing\RemotePeer;

// Router of PHP's own web server: files of public/ as they are, all else through the application. Who asks from elsewhere
// gets no file but those that a panel needs, and only where others are let in.
if (! class_exists(RemotePeer::class, false)) {
    require __DIR__.'/app/Pairing/RemotePeer.php';
}
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
// A name with a zero byte is no file's.
$file = str_contains(urldecode($path), "\0") ? false : realpath(__DIR__.'/public'.urldecode($path));
$isLetIn = RemotePeer::hasComeFromHere($_SERVER)
    || (getenv('NAILROD_OPEN') === '1' && preg_match('#^/(build/|icon\.svg$)#', $path) === 1);
if ($isLetIn && $path !== '/' && $file !== false && str_starts_with($file, __DIR__.'/public/') && is_file($file) && ! str_ends_with($file, '.php')) {
    return false;
}

require __DIR__.'/public/index.php';
