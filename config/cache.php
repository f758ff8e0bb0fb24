<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => env('NAILROD_PROGRAMS', storage_path('framework/programs')).'/cache'],
        'array' => ['driver' => 'array'],
    ],
    'prefix' => 'nailrod',
];
