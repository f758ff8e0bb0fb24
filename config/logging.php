<?php

declare(strict_types=1);

return [
    'default' => 'stack',
    'channels' => [
        // What cannot be logged, since the disk is full, must not be what a page answers.
        'stack' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => ['driver' => 'single', 'path' => storage_path('logs/nailrod.log'), 'level' => 'warning'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
