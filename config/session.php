<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 120,
    'encrypt' => true,
    'table' => 'sessions',
    'cookie' => 'juramen_office',
    'path' => '/',
    // Under TLS always, whoever ends it; else as the request came.
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://') ? true : null,
    'http_only' => true,
    'same_site' => 'lax',
];
