<?php

declare(strict_types=1);

// What every drill does: a client with a bowl, weighed; and what was counted, told.

use Ops\Drill\Device;

function uuid(): string
{
    $bytes = random_bytes(16);
    $bytes[6] = chr(ord($bytes[6]) & 0x0F | 0x40);
    $bytes[8] = chr(ord($bytes[8]) & 0x3F | 0x80);

    return vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
}

/** @param  array<string, int>  $counts */
function told(string $drill, int $times, array $counts): bool
{
    printf("%-58s %3d times   %s\n", $drill, $times, implode(', ', array_map(fn (string $what, int $count): string => "{$what} {$count}", array_keys($counts), $counts)));

    return array_sum($counts) === 0;
}

/** A client of the drill with a visit and a bowl of three products, ready to be weighed. @return array{client: int, visit: string, round: string, bowl: string, version: int} */
function plan(Device $device, string $colour = '60 g'): array
{
    static $shelf = null;
    $shelf ??= $device->ask('GET', '/api/shelf')[1];
    $line = array_values(array_filter($shelf['lines'], fn (array $each): bool => $each['name'] === 'Tidewater'))[0];
    $shades = array_values(array_filter($line['products'], fn (array $each): bool => $each['kind'] === 'shade'));
    [, $client] = $device->ask('POST', '/api/clients', ['id' => uuid(), 'name' => 'Drill '.bin2hex(random_bytes(4))]);
    if (! isset($client['id'])) {
        throw new RuntimeException('No client could be made.');
    }
    $visit = uuid();
    [, $planned] = $device->ask('POST', "/api/clients/{$client['id']}/visits", ['id' => $visit, 'service' => 'Drill', 'startsAt' => gmdate('c')]);
    if (! isset($planned['rounds'][0]['id'])) {
        throw new RuntimeException('No visit could be planned.');
    }
    $bowl = uuid();
    [$status] = $device->ask('POST', "/api/rounds/{$planned['rounds'][0]['id']}/bowls", ['id' => $bowl, 'bowl' => [
        'letter' => 'A', 'job' => 'Root', 'line' => $line['id'], 'ratio' => '1:1.5', 'amount' => ['of' => 'colour', 'grams' => $colour, 'ingredient' => null],
        'parts' => [['ingredients' => [['product' => $shades[0]['id'], 'share' => '1'], ['product' => $shades[1]['id'], 'share' => '1']]], ['ingredients' => [['product' => $line['developers'][0], 'share' => 'all']]]],
        'additives' => [], 'place' => [], 'minutes' => null, 'note' => '',
    ]]);
    if ($status !== 201) {
        throw new RuntimeException("The bowl was answered {$status}.");
    }

    return ['client' => $client['id'], 'visit' => $visit, 'round' => $planned['rounds'][0]['id'], 'bowl' => $bowl, 'version' => $planned['version']];
}

/** @return array<string, mixed> the batch, everything poured and finished */
function weigh(Device $device, string $bowl): array
{
    [, $batch] = $device->ask('POST', "/api/bowls/{$bowl}/batches", ['id' => uuid()]);
    foreach ($batch['lines'] as $line) {
        [, $batch] = $device->ask('POST', "/api/batches/{$batch['id']}/events", ['id' => uuid(), 'after' => $batch['sequence'], 'kind' => 'poured', 'line' => $line['key'], 'grams' => $line['target'], 'source' => 'hand']);
    }

    return $device->ask('POST', "/api/batches/{$batch['id']}/events", ['id' => uuid(), 'after' => $batch['sequence'], 'kind' => 'finished'])[1];
}
