<?php

declare(strict_types=1);

// ./tinta drill WHAT TIMES: kills, races and interrupted starts, each again and again on an instance of its own.

use Ops\Drill\Salon;

require __DIR__.'/drill/Device.php';
require __DIR__.'/drill/Salon.php';
require __DIR__.'/drill/steps.php';

[$what, $times] = [$argv[1] ?? 'all', max(1, (int) ($argv[2] ?? 20))];
$salon = new Salon(dirname(__DIR__));
$failed = false;

if (in_array($what, ['all', 'start'], true)) {
    $cutOff = ['never starts again' => 0, 'half a salon' => 0];
    $salon->erase();
    $begin = microtime(true);
    $salon->command('start');
    $whole = microtime(true) - $begin;
    $visits = (int) $salon->rows('SELECT COUNT(*) n FROM visits')[0]['n'];
    for ($time = 1; $time <= $times; $time++) {
        $salon->erase();
        $salon->cutOffStart($whole * $time / ($times + 1));
        if ($salon->command('start', "{$salon->folder}.log") !== 0) {
            $cutOff['never starts again']++;
            echo file_get_contents("{$salon->folder}.log");

            continue;
        }
        $salon->device();
        if ((int) $salon->rows('SELECT COUNT(*) n FROM visits')[0]['n'] !== $visits || count($salon->rows('SELECT id FROM salons')) !== 1) {
            $cutOff['half a salon']++;
        }
    }
    $counts = ['failed' => 0, 'left behind' => 0];
    for ($time = 1; $time <= $times; $time++) {
        // Two starts at once; a master killed with its workers alive; ids lost: found, said and mended.
        match ($time % 4) {
            0 => $salon->twoStarts(),
            1 => $salon->kill('fpm'),
            2 => $salon->kill('nginx'),
            default => array_map(unlink(...), glob("{$salon->folder}/run/*.pid") ?: []),
        };
        if ($salon->command('start', "{$salon->folder}.log") !== 0) {
            $counts['failed']++;
            echo file_get_contents("{$salon->folder}.log");
        }
        $salon->device();
        if ($time % 5 === 0) {
            $salon->kill('fpm');
            $salon->command('stop');
            $counts['left behind'] += $salon->processes();
            $salon->command('start');
        }
    }
    $failed = ! told('Two starts at once, killed masters, lost ids', $times, $counts) || $failed;
    $failed = ! told(sprintf('First start cut off at any of its %.0f seconds', $whole), $times, $cutOff) || $failed;
}
if (in_array($what, ['all', 'kills', 'races', 'bench'], true) && $salon->command('start', "{$salon->folder}.log") !== 0) {
    fwrite(STDERR, (string) file_get_contents("{$salon->folder}.log"));
    exit(1);
}
if (in_array($what, ['all', 'kills', 'bench'], true)) {
    $device = $salon->device();
    foreach (['fpm', 'nginx', 'database'] as $name) {
        $counts = ['lost' => 0, 'doubled' => 0, 'stuck' => 0];
        for ($time = 1; $time <= $times; $time++) {
            $at = plan($device);
            [, $batch] = $device->ask('POST', "/api/bowls/{$at['bowl']}/batches", ['id' => uuid()]);
            $events = array_map(fn (array $line): array => ['id' => uuid(), 'kind' => 'poured', 'line' => $line['key'], 'grams' => $line['target'], 'source' => 'hand'], $batch['lines']);
            $victim = mt_rand(0, count($events) - 1);
            foreach ($events as $sequence => $event) {
                if ($sequence === $victim) {
                    $killer = pcntl_fork();
                    if ($killer === 0) {
                        usleep(mt_rand(0, 30_000));
                        $salon->kill($name);
                        posix_kill((int) getmypid(), SIGKILL);
                    }
                }
                $tries = 0;
                // As the page does: again under the same id until there is an answer.
                while (! in_array($device->ask('POST', "/api/batches/{$batch['id']}/events", $event + ['after' => $sequence])[0], [200, 201], true)) {
                    if (++$tries > 30) {
                        $counts['stuck']++;
                        break 2;
                    }
                    $salon->command('start', "{$salon->folder}.log");
                }
                if ($sequence === $victim) {
                    pcntl_waitpid($killer, $status);
                }
            }
            $salon->command('start', "{$salon->folder}.log");
            $kept = array_count_values(array_column($salon->rows("SELECT id FROM pours WHERE batch_id = '{$batch['id']}'"), 'id'));
            foreach ($events as $event) {
                $counts['lost'] += isset($kept[$event['id']]) ? 0 : 1;
            }
            $counts['doubled'] += max(0, array_sum($kept) - count($events));
            [$status] = $device->ask('POST', "/api/batches/{$batch['id']}/events", ['id' => uuid(), 'after' => count($events), 'kind' => 'finished']);
            $counts['stuck'] += $status === 201 ? 0 : 1;
        }
        $failed = ! told("Killed in the middle of a pour: {$name}", $times, $counts) || $failed;
    }
}
if (in_array($what, ['all', 'bench'], true)) {
    $device = $salon->device();
    $counts = ['lost' => 0, 'doubled' => 0, 'shown as saved but not' => 0, 'both taken' => 0, 'failed' => 0];
    for ($time = 1; $time <= $times; $time++) {
        $at = plan($device);
        [, $batch] = $device->ask('POST', "/api/bowls/{$at['bowl']}/batches", ['id' => uuid()]);
        $line = $batch['lines'][0]['key'];
        $acknowledged = [];
        // Two tablets on one bowl, each with the same state in front of it, again and again.
        for ($after = 0; $after < 4; $after++) {
            $pours = array_map(fn (int $one): array => ['POST', "/api/batches/{$batch['id']}/events", ['id' => uuid(), 'after' => $after, 'kind' => 'poured', 'line' => $line, 'grams' => ($one + 1).' g', 'source' => 'hand']], [0, 1]);
            $taken = 0;
            foreach ($device->together($pours) as $one => [$status]) {
                $counts['failed'] += $status >= 500 || $status === 0 ? 1 : 0;
                if ($status === 201) {
                    $taken++;
                    $acknowledged[$pours[$one][2]['id']] = $one + 1;
                }
            }
            $counts['both taken'] += max(0, $taken - 1);
            $counts['lost'] += $taken === 0 ? 1 : 0;
        }
        $rows = $salon->rows("SELECT id, grams_cg FROM pours WHERE batch_id = '{$batch['id']}'");
        $kept = array_column($rows, 'grams_cg', 'id');
        foreach ($acknowledged as $id => $grams) {
            $counts['shown as saved but not'] += (int) (($kept[$id] ?? null) != $grams * 100);
        }
        $counts['doubled'] += max(0, count($rows) - count($acknowledged));
        $taken = (int) $salon->rows("SELECT SUM(-grams_cg) taken FROM stock_moves WHERE batch_id = '{$batch['id']}'")[0]['taken'];
        $counts['lost'] += (int) ($taken !== 100 * array_sum($acknowledged));
    }
    $failed = ! told('Two devices on one bowl', $times, $counts) || $failed;
}
if (in_array($what, ['all', 'races'], true)) {
    $device = $salon->device();
    foreach (['begin another batch', 'undo finish'] as $against) {
        $counts = ['closed over an open batch' => 0, 'failed' => 0];
        for ($time = 1; $time <= $times; $time++) {
            $at = plan($device);
            $batch = weigh($device, $at['bowl']);
            $device->ask('POST', "/api/bowls/{$at['bowl']}/stamps", ['id' => uuid(), 'kind' => 'set-aside']);
            $version = $device->ask('GET', "/api/visits/{$at['visit']}")[1]['version'];
            $close = ['POST', "/api/visits/{$at['visit']}/close", ['version' => $version, 'verdict' => 'good']];
            $other = $against === 'undo finish'
                ? ['POST', "/api/batches/{$batch['id']}/events", ['id' => uuid(), 'after' => $batch['sequence'], 'kind' => 'undone']]
                : ['POST', "/api/bowls/{$at['bowl']}/batches", ['id' => uuid()]];
            foreach ($device->together($time % 2 === 0 ? [$close, $other] : [$other, $close]) as [$status]) {
                $counts['failed'] += $status >= 500 || $status === 0 ? 1 : 0;
            }
            $counts['closed over an open batch'] += count($salon->rows("SELECT b.id FROM batches b JOIN bowls w ON w.id = b.bowl_id JOIN rounds r ON r.id = w.round_id JOIN visits v ON v.id = r.visit_id WHERE v.id = '{$at['visit']}' AND v.status = 'closed' AND b.status NOT IN ('finished', 'discarded', 'withdrawn')"));
        }
        $failed = ! told("Closing against: {$against}", $times, $counts) || $failed;
    }
    $kinds = [
        'waivers' => fn (array $at): array => ['POST', "/api/visits/{$at['visit']}/waivers", ['id' => uuid(), 'reason' => 'Patch of Friday read here', 'password' => 'harbour-light']],
        'clients' => fn (array $at): array => ['POST', '/api/clients', ['id' => uuid(), 'name' => 'At once']],
        'contraindications' => fn (array $at): array => ['POST', "/api/clients/{$at['client']}/contraindications", ['id' => uuid(), 'kind' => 'face-rash', 'note' => 'red']],
        'skin_tests' => fn (array $at): array => ['POST', "/api/clients/{$at['client']}/skin-tests", ['id' => uuid(), 'lines' => [$at['line']], 'spot' => 'ear']],
        'rounds' => fn (array $at): array => ['POST', "/api/visits/{$at['visit']}/rounds", ['id' => uuid(), 'name' => 'Later']],
        'batches' => fn (array $at): array => ['POST', "/api/bowls/{$at['bowl']}/batches", ['id' => uuid()]],
        'visits' => fn (array $at): array => ['POST', "/api/clients/{$at['client']}/visits", ['id' => uuid(), 'service' => 'At once', 'startsAt' => gmdate('c')]],
        'photos' => null,
    ];
    $line = array_values(array_filter($device->ask('GET', '/api/shelf')[1]['lines'], fn (array $each): bool => $each['name'] === 'Tidewater'))[0]['id'];
    foreach (array_filter($kinds) as $table => $request) {
        $counts = ['failed' => 0, 'doubled' => 0];
        for ($time = 1; $time <= $times; $time++) {
            $same = $request(plan($device) + ['line' => $line]);
            foreach ($device->together(array_fill(0, 8, $same)) as [$status]) {
                $counts['failed'] += $status >= 300 || $status === 0 ? 1 : 0;
            }
            $key = $table === 'clients' ? 'made_as' : 'id';
            $counts['doubled'] += max(0, count($salon->rows("SELECT id FROM {$table} WHERE {$key} = '{$same[2]['id']}'")) - 1);
        }
        $failed = ! told("Eight identical requests at once: {$table}", $times, $counts) || $failed;
    }
}
exit($failed ? 1 : 0);
