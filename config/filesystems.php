<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Never served by the web server.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
];
