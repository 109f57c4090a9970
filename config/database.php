<?php

declare(strict_types=1);

$own = [
    'driver' => 'mariadb',
    // A socket in a folder that only the service's own user may enter; no port.
    'unix_socket' => env('DB_SOCKET', ''),
    'host' => 'localhost',
    'database' => env('DB_DATABASE', 'tinta'),
    'username' => env('DB_USERNAME', 'tinta_app'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'strict' => true,
    'engine' => 'InnoDB',
    // A write reads what stands when it has its lock, not what stood when it began to wait.
    'isolation_level' => 'READ COMMITTED',
    // What another node has answered is seen by this one too: whoever is sent there finds what was just kept.
    'options' => env('TINTA_CLUSTER', false) ? [PDO::MYSQL_ATTR_INIT_COMMAND => 'SET SESSION wsrep_sync_wait = 1'] : [],
];

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => $own,
        // Beside the transaction of a write: what is counted there stays counted when the write is refused.
        'aside' => $own,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
