<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/juramen.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'days' => 14,
            'tap' => [App\Support\ScrubbedLog::class],
        ],
    ],
];
