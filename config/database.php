<?php

declare(strict_types=1);

$connection = [
    'driver' => 'mariadb',
    'unix_socket' => env('DB_SOCKET', ''),
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '3306'),
    'database' => env('DB_DATABASE', 'juramen'),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_bin',
    'prefix' => '',
    'strict' => true,
    'timezone' => '+00:00',
    // A statement behind a lock must see what was committed while it waited.
    'isolation_level' => 'READ COMMITTED',
    'options' => extension_loaded('pdo_mysql') ? [PDO::ATTR_TIMEOUT => 3] : [],
];

return [
    'default' => 'runtime',
    'connections' => [
        // The running application: in the ledger's schema it may only read and add.
        'runtime' => [...$connection, 'username' => 'juramen_app', 'password' => env('DB_PASSWORD', '')],
        // Migrations only.
        'owner' => [...$connection, 'username' => 'juramen_owner', 'password' => env('DB_OWNER_PASSWORD', '')],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
