<?php

declare(strict_types=1);

return [
    'scale' => [
        'host' => '127.0.0.1',
        'port' => (int) env('TINTA_SCALE_PORT', 8361),
        // The pour panel exists only where the scale is the simulated one.
        'simulated' => (bool) env('TINTA_SCALE_SIMULATED', false),
    ],
];
