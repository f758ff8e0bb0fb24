<?php

declare(strict_types=1);

return [
    /** Where compiled programs are kept, one PHP file each. */
    'programs' => env('NAILROD_PROGRAMS', storage_path('framework/programs')),
    /** Where the stand-ins keep their onboard memory. */
    'memory' => env('NAILROD_MEMORY', storage_path('devices')),
    /** Where recorded runs are kept. */
    'runs' => env('NAILROD_RUNS', storage_path('app/runs')),
    // The rig's own process: its port, if it is not that of the pages + 1.
    'rig' => ['port' => env('NAILROD_RIG_PORT') === null ? null : (int) env('NAILROD_RIG_PORT')],
    'demo' => base_path('demo'),

    // A page that does nothing is there to be measured against.
    // Are others than this machine let in, by a code?
    'open' => (bool) env('NAILROD_OPEN', false),

    'bench' => (bool) env('NAILROD_BENCH', false),
];
