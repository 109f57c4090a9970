<?php

declare(strict_types=1);

use Scale\Simulator;

require __DIR__.'/../vendor/autoload.php';

// run-simulator.php PORT…: one simulated scale a port.
$scales = [];
foreach (array_map(intval(...), array_slice($argv, 1)) ?: [8361] as $port) {
    $server = @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $error);
    if ($server === false) {
        fwrite(STDERR, "The simulated scale cannot listen on port {$port}: {$error}.\n");
        exit(1);
    }
    $scales[] = new Simulator($server);
}
Simulator::runAll(...$scales);
