<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        // What was computed from what stands in the database, kept on this machine by a digest of what it was computed from.
        'computed' => ['driver' => env('COMPUTED_STORE', 'file'), 'path' => storage_path('framework/computed')],
    ],
    'prefix' => 'juramen-',
];
