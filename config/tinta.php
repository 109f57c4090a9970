<?php

declare(strict_types=1);

return [
    'scale' => [
        'host' => '127.0.0.1',
        // The simulated ones, by the number they have on the bench.
        'ports' => [1 => (int) env('TINTA_SCALE_PORT', 8361), 2 => (int) env('TINTA_SCALE2_PORT', 8363)],
        // The pour panel exists only where the scale is the simulated one.
        'simulated' => (bool) env('TINTA_SCALE_SIMULATED', false),
    ],
    // What seals notes about somebody's health: the newest key first, older ones after it, each 32 bytes in base64.
    'notes_keys' => array_values(array_filter(explode(',', (string) env('TINTA_NOTES_KEYS', '')))),
    // Whether further salons may be begun on the first page: an instance for several.
    'hosted' => (bool) env('TINTA_HOSTED', false),
    // Which of a cluster's nodes this is; one machine is its own.
    'node' => (int) env('TINTA_NODE', 1),
    // Whether other machines write the same record.
    'cluster' => (bool) env('TINTA_CLUSTER', false),
    // Where the bridge is told that something was written; 0 where none runs.
    'bridge' => (int) env('TINTA_BRIDGE_PORT', 0),
];
