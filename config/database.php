<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '33061'),
            'database' => env('DB_DATABASE', 'even_rungs'),
            'username' => env('DB_USERNAME', 'even_rungs'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_520_ci',
            'prefix' => '',
            'prefix_indexes' => true,
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
            // One round trip for a query instead of three; safe with utf8mb4, and numbers still come as numbers.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
