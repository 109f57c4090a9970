<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        // Two weeks, for the owner's eyes only.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/tinta.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
        ],
        // What happens at the doors; nobody is named in it. Three months.
        'security' => [
            'driver' => 'daily',
            'path' => storage_path('logs/security.log'),
            'level' => 'info',
            'days' => 92,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
