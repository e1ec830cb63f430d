<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 120,
    'encrypt' => true,
    'table' => 'sessions',
    'cookie' => 'juramen_office',
    'path' => '/',
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://'),
    'http_only' => true,
    'same_site' => 'lax',
];
