<?php

declare(strict_types=1);

/**
 * A cable between a browser and the web server: `php cable.php LISTEN TARGET`. Ended, nothing of this device reaches
 * the server any more, whoever on it asks: the page, or the worker that stands in for it.
 */
$server = stream_socket_server("tcp://127.0.0.1:{$argv[1]}", $code, $error) ?: exit("no cable: {$error}\n");
echo "plugged in\n";
/** @var array<int, array{resource, resource}> $other each end and the one it leads to, by the end's number */
$other = [];
while (true) {
    $read = [$server, ...array_column($other, 0)];
    $write = $except = null;
    if (@stream_select($read, $write, $except, 1) < 1) {
        continue;
    }
    foreach ($read as $end) {
        if ($end === $server) {
            $browser = @stream_socket_accept($server, 0);
            $application = $browser === false
                ? false
                : @stream_socket_client("tcp://127.0.0.1:{$argv[2]}", $code, $error, 2);
            if ($application !== false) {
                $other[(int) $browser] = [$browser, $application];
                $other[(int) $application] = [$application, $browser];
            }

            continue;
        }
        [, $to] = $other[(int) $end] ?? [null, null];
        if ($to === null) {
            continue;
        }
        $bytes = fread($end, 65_536);
        if ($bytes === false || $bytes === '' && feof($end) || @fwrite($to, $bytes) === false) {
            unset($other[(int) $end], $other[(int) $to]);
            fclose($end);
            fclose($to);
        }
    }
}
