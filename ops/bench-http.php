<?php

declare(strict_types=1);

// How long the pages' requests take, as ratios against a request that does nothing but let somebody in (GET /api/session): session, sign-in
// and lock are asked of the database in both. By one connection, by turns with what it is held against, for a machine is not as fast at the
// end of a run; and by fifty at once.  ./tinta bench http

const TIMES = 60;
const AT_ONCE = 50;
/** Pours into one bowl at another chair: more than a bowl ever has. */
const ELSEWHERE = 30;
/** Of whom each comes in, has a bowl and goes. */
const VISITS = 12;

$web = 'http://127.0.0.1:'.getenv('TINTA_WEB_PORT');
// Each person may ask so often a minute: three of them share the requests, and the fourth pours.
$people = ['tomasz', 'ines', 'leilani', 'amara'];
$jars = array_map(static fn (): string => (string) tempnam(sys_get_temp_dir(), 'tinta-http'), $people);
$tokens = array_fill(0, count($people), '');
$who = 0;
$handle = static function (string $method, string $path, ?array $body = null, array $headers = []) use ($web, $jars, &$tokens, &$who): CurlHandle {
    $new = curl_init("{$web}{$path}");
    curl_setopt_array($new, [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jars[$who], CURLOPT_COOKIEFILE => $jars[$who], CURLOPT_ENCODING => '',
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$tokens[$who]}", ...$headers],
    ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body)]));

    return $new;
};
$ask = static function (string $method, string $path, ?array $body = null) use ($handle, &$tokens, &$who): array {
    $one = $handle($method, $path, $body);
    $answer = curl_exec($one);
    curl_setopt($one, CURLOPT_COOKIELIST, 'FLUSH');
    foreach ((array) curl_getinfo($one, CURLINFO_COOKIELIST) as $cookie) {
        $fields = explode("\t", (string) $cookie);
        $tokens[$who] = ($fields[5] ?? '') === 'XSRF-TOKEN' ? urldecode($fields[6]) : $tokens[$who];
    }
    $status = curl_getinfo($one, CURLINFO_HTTP_CODE);
    $status < 400 || throw new RuntimeException("{$method} {$path}: {$status} ".substr((string) $answer, 0, 300));

    return (array) json_decode((string) $answer, true);
};
foreach ($people as $who => $name) {
    $ask('GET', '/');
    $ask('POST', '/api/session', ['email' => "{$name}@sailcloth.example", 'password' => 'harbour-light']);
    $ask('GET', '/api/session');
}
$today = $ask('GET', '/api/today');
$open = array_values(array_filter($today['visits'], static fn (array $visit): bool => $visit['status'] !== 'closed' && count($visit['bowls']) > 1));
$visit = $ask('GET', "/api/visits/{$open[0]['id']}");
$bowl = $visit['rounds'][0]['bowls'][0];
$client = $ask('GET', "/api/clients/{$visit['client']['id']}");
$closed = array_values(array_filter($client['visits'], static fn (array $each): bool => $each['status'] === 'closed'))[0];
$requests = [
    'signed in, nothing more' => ['GET', '/api/session', null],
    'Today' => ['GET', '/api/today', null],
    'visit, open' => ['GET', "/api/visits/{$visit['id']}", null],
    'visit, closed' => ['GET', "/api/visits/{$closed['id']}", null],
    'client file' => ['GET', "/api/clients/{$client['id']}", null],
    'search' => ['GET', '/api/clients?search=ma', null],
    'bench' => ['GET', "/api/bowls/{$bowl['id']}/bench", null],
    'preview' => ['POST', "/api/bowls/preview?visit={$visit['id']}", $bowl['sheet']],
    'picture' => ['POST', "/api/visits/{$visit['id']}/picture", ['drafts' => []]],
    'shelf' => ['GET', '/api/shelf', null],
    'wall' => ['GET', '/api/wall', null],
    'messages' => ['GET', '/api/messages', null],
];
// Bowls to pour into, of what needs no skin test.
$hex = static fn (int $long): string => substr(bin2hex(random_bytes(8)), 0, $long);
$uuid = static fn (): string => "{$hex(8)}-{$hex(4)}-4{$hex(3)}-a{$hex(3)}-{$hex(12)}";
$care = array_values(array_filter($ask('GET', '/api/shelf')['lines'], static fn (array $line): bool => $line['kind'] === 'care'))[0];
$walkIn = static function (string $name) use ($ask, $uuid): array {
    $visit = $ask('POST', '/api/walk-ins', ['id' => $uuid(), 'name' => $name]);

    return $ask('GET', "/api/visits/{$visit['id']}");
};
$begin = static function (array $visit, string $letter) use ($ask, $uuid, $care, &$who): array {
    $made = $ask('POST', "/api/rounds/{$visit['rounds'][0]['id']}/bowls", ['id' => $uuid(), 'bowl' => [
        'letter' => $letter, 'job' => "Bench {$letter}", 'line' => $care['id'], 'ratio' => 'no developer', 'additives' => [], 'place' => [],
        'minutes' => null, 'note' => '', 'amount' => ['of' => 'colour', 'grams' => '200 g', 'ingredient' => null],
        'parts' => [['ingredients' => [['product' => $care['products'][0]['id'], 'share' => 'all']]]],
    ]]);

    return ['who' => $who] + $ask('POST', "/api/bowls/{$made['id']}/batches", ['id' => $uuid()]);
};
$pour = static fn (array $batch): array => ['POST', "/api/batches/{$batch['id']}/events", [
    'id' => $uuid(), 'after' => $batch['sequence'], 'kind' => 'poured', 'line' => $batch['current'], 'grams' => '0.1 g', 'source' => 'hand',
]];
// Somebody else, at another chair: a little more in a bowl that no page below shows but Today and the wall.
$bowlElsewhere = null;
$elsewhere = static function () use (&$bowlElsewhere, &$who, $handle, $pour): void {
    [$was, $who] = [$who, $bowlElsewhere['who']];
    $answer = json_decode((string) curl_exec($handle(...$pour($bowlElsewhere))), true);
    is_int($answer['sequence'] ?? null) || throw new RuntimeException('A pour was not taken: '.json_encode($answer));
    $bowlElsewhere['sequence'] = $answer['sequence'];
    $who = $was;
};
$at = static fn (array $sorted, float $part): float => $sorted[min(count($sorted) - 1, (int) floor(count($sorted) * $part))];
$alone = static function (array $request, ?Closure $before) use ($handle, $at, $requests): array {
    $one = $handle(...$request);
    $bare = $handle(...$requests['signed in, nothing more']);
    $took = $beside = [];
    $warm = $before === null ? 10 : 3;
    $times = $before === null ? TIMES + $warm : ELSEWHERE;
    for ($time = 0; $time < $times; $time++) {
        $before === null || $before();
        curl_exec($one);
        curl_exec($bare);
        if ($time >= $warm) {
            $took[] = curl_getinfo($one, CURLINFO_TOTAL_TIME) * 1000;
            $beside[] = curl_getinfo($bare, CURLINFO_TOTAL_TIME) * 1000;
        }
        foreach ([$one, $bare] as $each) {
            curl_getinfo($each, CURLINFO_HTTP_CODE) < 400 || throw new RuntimeException("{$request[1]}: ".curl_getinfo($each, CURLINFO_HTTP_CODE));
        }
    }
    sort($took);
    sort($beside);

    return [$at($took, 0.5), $at($took, 0.5) / $at($beside, 0.5), $at($took, 0.95) / $at($beside, 0.95)];
};
$together = static function (array $request, ?Closure $before) use ($handle, $at): array {
    $multi = curl_multi_init();
    $took = [];
    $begun = 0;
    $start = static function () use ($multi, $handle, $request, &$begun): void {
        curl_multi_add_handle($multi, $handle(...$request));
        $begun++;
    };
    for ($each = 0; $each < AT_ONCE; $each++) {
        $start();
    }
    $from = microtime(true);
    do {
        curl_multi_exec($multi, $running);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $took[] = curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME) * 1000;
            curl_getinfo($done['handle'], CURLINFO_HTTP_CODE) < 400 || throw new RuntimeException("{$request[1]}: ".curl_getinfo($done['handle'], CURLINFO_HTTP_CODE));
            curl_multi_remove_handle($multi, $done['handle']);
            $begun % AT_ONCE === 0 && $before !== null && $before();
            if ($begun < 3 * AT_ONCE) {
                $start();
            }
        }
        $running > 0 && curl_multi_select($multi, 0.05);
    } while ($running > 0);
    sort($took);

    return [$at($took, 0.5), $at($took, 0.95), count($took) / (microtime(true) - $from)];
};
// What was answered before is answered again as long as nothing it is made of has changed; otherwise it is worked anew (Cache-Control:
// no-cache asks for that). Said are what pages see that ask by themselves, what they see while somebody weighs at another chair, and what
// follows a write to what they show.
$bare = null;
$ways = [
    'as the pages ask, nothing changed since' => [[], null],
    'worked anew, as after a change to what it shows' => [['Cache-Control: no-cache'], null],
    'each after a pour into another bowl' => [[], $elsewhere],
];
foreach ($ways as $how => [$extra, $before]) {
    echo "\n{$how}\n";
    // Each person may ask so often a minute.
    $bare === null || sleep(61);
    printf("%-26s %28s %40s\n", '', 'one connection', AT_ONCE.' connections');
    printf("%-26s %8s %9s %9s %9s %9s %9s %9s\n", 'request', 'p50 ms', 'p50 x', 'p95 x', 'p50 ms', 'p50 x', 'p95 x', 'a second');
    $number = 0;
    foreach ($requests as $name => $request) {
        if ($before !== null) {
            $who = array_key_last($people);
            // A head of its own for each request: one that grew by a bowl a request would be told of a longer story each time.
            $bowlElsewhere = $begin($walkIn("Bench elsewhere {$number}"), 'A');
        }
        $who = $number++ % (count($people) - 1);
        [$p50, $times50, $times95] = $alone([...$request, $extra], $before);
        [$p50Many, $p95Many, $rate] = $together([...$request, $extra], $before);
        // At once, each table begins with what its others are held against.
        $bare = $number === 1 ? [$p50Many, $p95Many] : $bare;
        printf("%-26s %8.1f %9.2f %9.2f %9.1f %9.2f %9.2f %9.0f\n", $name, $p50, $times50, $times95, $p50Many, $p50Many / $bare[0], $p95Many / $bare[1], $rate);
    }
}

// A pour writes, and is never answered from what was answered before: fifty people, each into a bowl of their own.
$batches = [];
for ($each = 0; $each < AT_ONCE; $each++) {
    $who = $each % count($people);
    $batches[] = $begin($walkIn("Bench {$each}"), 'A');
    $each % 15 === 14 && sleep(6);
}
sleep(61);
$took = $beside = [];
// As a tablet asks: by a connection that stays. And by turns with what it is held against, for a machine is not as fast at the end of a run.
$lines = $bares = [];
foreach (array_keys($people) as $who) {
    [$lines[$who], $bares[$who]] = [$handle('POST', '/'), $handle(...$requests['signed in, nothing more'])];
}
for ($time = 0; $time < TIMES + 10; $time++) {
    $batch = &$batches[$time % count($people)];
    $who = $batch['who'];
    [, $path, $body] = $pour($batch);
    curl_setopt_array($lines[$who], [CURLOPT_URL => "{$web}{$path}", CURLOPT_POSTFIELDS => json_encode($body)]);
    $answer = json_decode((string) curl_exec($lines[$who]), true);
    is_int($answer['sequence'] ?? null) || throw new RuntimeException('A pour was not taken: '.json_encode($answer));
    $batch['sequence'] = $answer['sequence'];
    curl_exec($bares[$who]);
    if ($time >= 10) {
        $took[] = curl_getinfo($lines[$who], CURLINFO_TOTAL_TIME) * 1000;
        $beside[] = curl_getinfo($bares[$who], CURLINFO_TOTAL_TIME) * 1000;
    }
    unset($batch);
}
sort($beside);
sort($took);
$many = [];
$began = microtime(true);
for ($turn = 0; $turn < 3; $turn++) {
    $multi = curl_multi_init();
    $under = [];
    foreach ($batches as $which => $batch) {
        $who = $batch['who'];
        curl_multi_add_handle($multi, $under[$which] = $handle(...$pour($batch)));
    }
    do {
        curl_multi_exec($multi, $running);
        $running > 0 && curl_multi_select($multi, 0.05);
    } while ($running > 0);
    foreach ($under as $which => $one) {
        $answer = json_decode((string) curl_multi_getcontent($one), true);
        is_int($answer['sequence'] ?? null) || throw new RuntimeException('A pour was not taken: '.json_encode($answer));
        $batches[$which]['sequence'] = $answer['sequence'];
        $many[] = curl_getinfo($one, CURLINFO_TOTAL_TIME) * 1000;
    }
}
$rate = count($many) / (microtime(true) - $began);
sort($many);
printf("%-26s %8.1f %9.2f %9.2f %9.1f %9.2f %9.2f %9.0f\n", 'pour, written', $at($took, 0.5), $at($took, 0.5) / $at($beside, 0.5), $at($took, 0.95) / $at($beside, 0.95), $at($many, 0.5), $at($many, 0.5) / $bare[0], $at($many, 0.95) / $bare[1], $rate);

// What is written at a chair besides: each step looks up what belongs to this visit, client or bowl alone, however many others there are.
sleep(61);
$steps = $beside = [];
$timed = static function (string $step, string $method, string $path, array $body = []) use ($handle, &$steps, &$beside, $bares, &$who): array {
    $one = $handle($method, $path, $body);
    $answer = (string) curl_exec($one);
    curl_exec($bares[$who]);
    $beside[] = curl_getinfo($bares[$who], CURLINFO_TOTAL_TIME) * 1000;
    curl_getinfo($one, CURLINFO_HTTP_CODE) < 400 || throw new RuntimeException("{$step}: ".substr($answer, 0, 300));
    $steps[$step][] = curl_getinfo($one, CURLINFO_TOTAL_TIME) * 1000;

    return (array) json_decode($answer, true);
};
for ($each = 0; $each < VISITS; $each++) {
    $who = $each % count($people);
    $come = $timed('somebody walks in', 'POST', '/api/walk-ins', ['id' => $uuid(), 'name' => "Bench walks in {$each}"]);
    $chair = $ask('GET', "/api/visits/{$come['id']}");
    $batch = $begin($chair, 'A');
    $batch = $timed('pour', 'POST', "/api/batches/{$batch['id']}/events", [
        'id' => $uuid(), 'after' => $batch['sequence'], 'kind' => 'poured', 'line' => $batch['current'], 'grams' => $batch['lines'][0]['target'], 'source' => 'hand',
    ]);
    $batch = $timed('bowl finished', 'POST', "/api/batches/{$batch['id']}/events", ['id' => $uuid(), 'after' => $batch['sequence'], 'kind' => 'finished']);
    foreach (['began', 'completed', 'rinsed'] as $kind) {
        $timed('put on, rinsed', 'POST', "/api/bowls/{$batch['bowl']['id']}/stamps", ['id' => $uuid(), 'kind' => $kind]);
    }
    $chair = $ask('GET', "/api/visits/{$come['id']}");
    $timed('visit closed', 'POST', "/api/visits/{$come['id']}/close", ['version' => $chair['version'], 'verdict' => 'good', 'outcome' => 'As wished.']);
    $timed('repeated', 'POST', "/api/visits/{$come['id']}/repeat", ['id' => $uuid()]);
}
echo "\nwritten, from the door to the end of a visit\n";
printf("%-26s %8s %9s %9s\n", 'request', 'p50 ms', 'p50 x', 'longest x');
sort($beside);
foreach ($steps as $step => $took) {
    sort($took);
    printf("%-26s %8.1f %9.2f %9.2f\n", $step, $at($took, 0.5), $at($took, 0.5) / $at($beside, 0.5), end($took) / $at($beside, 0.5));
}
array_map(unlink(...), $jars);
