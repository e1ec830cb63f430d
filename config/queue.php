<?php

declare(strict_types=1);

// Work that may be done twice without harm, and is tried again where it failed. What goes out to people is a delivery instead.
return [
    'default' => 'database',
    'connections' => [
        'database' => [
            'driver' => 'database', 'connection' => null, 'table' => 'jobs', 'queue' => 'default',
            // Seconds after which work that a worker took and never ended is taken again; more than any of it lasts.
            'retry_after' => 90,
            // Laid out in the transaction that is its reason: it stands or falls with it.
            'after_commit' => false,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'runtime', 'table' => 'failed_jobs'],
];
