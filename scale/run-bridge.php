<?php

declare(strict_types=1);

use Scale\Bridge;
use Scale\Elsewhere;
use Scale\Scales;
use Scale\Wire;

require __DIR__.'/../vendor/autoload.php';

// run-bridge.php PORT SCALE…: its own port, and those of the scales on the wire.
$port = (int) ($argv[1] ?? 8362);
$scales = array_map(intval(...), array_slice($argv, 2)) ?: [8361];
$server = @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $error);
if ($server === false) {
    fwrite(STDERR, "The scale bridge cannot listen on port {$port}: {$error}.\n");
    exit(1);
}
(
    new Bridge(
        $server,
        new Scales(array_map(static fn (int $each): Wire => new Wire('127.0.0.1', $each), $scales)),
        Elsewhere::here(),
    )
)->run();
