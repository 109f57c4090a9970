<?php

declare(strict_types=1);

// What thirty open devices cost that hear the news of their salon and ask for the wall as seldom as a page does then: processor
// time of every process of the instance (web server, PHP, bridge, scale, database), as a share of one core, beside the same
// time with no device. And how long it takes until all thirty have heard of a write.  ./tinta bench devices

const DEVICES = 30;
const SECONDS = 60;
const ASK_EVERY = 300;

$web = 'http://127.0.0.1:'.getenv('TINTA_WEB_PORT');
$folder = $argv[1] ?? throw new RuntimeException('Say the instance’s folder.');

/** Seconds of processor time that the instance's processes have had so far. */
$cpu = static function () use ($folder): float {
    $sessions = array_map(static fn (string $file): int => (int) file_get_contents($file), glob("{$folder}/run/*.pid") ?: []);
    $ticks = 0;
    foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
        $stat = explode(' ', (string) preg_replace('/^.*\) /', '', (string) @file_get_contents($file)));
        if (count($stat) > 12 && in_array((int) $stat[3], $sessions, true)) {
            $ticks += (int) $stat[11] + (int) $stat[12];
        }
    }

    return $ticks / 100;
};
$jar = tempnam(sys_get_temp_dir(), 'tinta-devices');
$token = '';
$ask = static function (string $path, ?array $body = null) use ($web, $jar, &$token): array {
    $handle = curl_init("{$web}{$path}");
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}"],
    ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body)]));
    $answer = curl_exec($handle);
    $cookies = curl_getinfo($handle, CURLINFO_COOKIELIST);
    foreach (is_array($cookies) ? $cookies : [] as $cookie) {
        $fields = explode("\t", (string) $cookie);
        $token = $fields[5] === 'XSRF-TOKEN' ? urldecode($fields[6]) : $token;
    }

    return ['json' => json_decode((string) $answer, true), 'cookies' => implode('; ', array_map(static fn (string $cookie): string => explode("\t", $cookie)[5].'='.explode("\t", $cookie)[6], (array) $cookies))];
};
$ask('/');
$signing = $ask('/api/session', ['email' => 'tomasz@sailcloth.example', 'password' => 'harbour-light']);
$signedIn = $ask('/api/today');
is_array($signedIn['json']['visits'] ?? null) || throw new RuntimeException('The demo does not let us in: '.json_encode($signing['json']));

$before = $cpu();
sleep(10);
$idle = ($cpu() - $before) / 10;

$host = parse_url($web, PHP_URL_HOST).':'.parse_url($web, PHP_URL_PORT);
$devices = [];
for ($each = 0; $each < DEVICES; $each++) {
    $socket = stream_socket_client("tcp://{$host}");
    fwrite($socket, "GET /news HTTP/1.1\r\nHost: {$host}\r\nAccept: text/event-stream\r\nCookie: {$signedIn['cookies']}\r\n\r\n");
    stream_set_blocking($socket, false);
    $devices[] = $socket;
}
sleep(3);
$before = $cpu();
$began = microtime(true);
for ($second = 0; $second < SECONDS; $second++) {
    foreach (range(0, DEVICES - 1) as $each) {
        if (($second + $each * intdiv(ASK_EVERY, DEVICES)) % ASK_EVERY === 0) {
            $ask('/api/wall');
        }
    }
    usleep((int) max(0, ($began + $second + 1 - microtime(true)) * 1e6));
}
$busy = ($cpu() - $before) / (microtime(true) - $began);
printf("%d devices that listen, each asking once in %d s: %.1f %% of one core; none: %.1f %%; they cost %.1f %%\n", DEVICES, ASK_EVERY, $busy * 100, $idle * 100, ($busy - $idle) * 100);

array_map(static fn ($socket) => stream_get_contents($socket), $devices);
$visit = $signedIn['json']['visits'][0] ?? null;
$open = array_values(array_filter($signedIn['json']['visits'], static fn (array $each): bool => $each['status'] === 'expected'))[0] ?? $visit;
$handle = curl_init("{$web}/api/visits/{$open['id']}");
curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_CUSTOMREQUEST => 'PATCH', CURLOPT_POSTFIELDS => json_encode(['version' => $open['version'], 'note' => 'Heard by all.']), CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}"]]);
$written = microtime(true);
curl_exec($handle);
$waiting = $devices;
$heard = 0.0;
while ($waiting !== [] && microtime(true) < $written + 10) {
    $read = $waiting;
    $write = $except = null;
    if (stream_select($read, $write, $except, 1) > 0) {
        foreach ($read as $at => $socket) {
            if (str_contains((string) stream_get_contents($socket), $open['id'])) {
                $heard = microtime(true) - $written;
                unset($waiting[array_search($socket, $waiting, true)]);
            }
        }
    }
}
printf("a write was heard by %d of %d devices, by the last after %.2f s\n", DEVICES - count($waiting), DEVICES, $heard);
unlink($jar);
