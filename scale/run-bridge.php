<?php

declare(strict_types=1);

use Scale\Bridge;
use Scale\Reader;

require __DIR__.'/../vendor/autoload.php';

$port = (int) ($argv[1] ?? 8362);
$scale = (int) ($argv[2] ?? 8361);
$server = @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $error);
if ($server === false) {
    fwrite(STDERR, "The scale bridge cannot listen on port {$port}: {$error}.\n");
    exit(1);
}
(new Bridge($server, new Reader('127.0.0.1', $scale)))->run();
