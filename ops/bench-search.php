<?php

declare(strict_types=1);

// Times the client search on 100,000 invented clients, as ratios to a plain look through all of them in the same run.

use App\Actions\Clients\FindClients;
use App\Actions\Clients\IndexClient;
use App\Models\Salon;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';
(require dirname(__DIR__).'/bootstrap/app.php')->make(Kernel::class)->bootstrap();

const CLIENTS = 100_000;
const RUNS = 15;

$chance = new Randomizer(new Mt19937(100));
$salon = Salon::query()->create(['name' => 'Bench'])->refresh();
$syllables = ['ka', 'mo', 'ri', 'tel', 'san', 've', 'lu', 'dor', 'nia', 'bre', 'ost', 'hil', 'wen', 'pa', 'ju', 'xi'];
$name = fn (): string => ucfirst(implode('', array_map(fn (): string => $syllables[$chance->getInt(0, 15)], range(1, $chance->getInt(2, 4)))));
$shades = array_merge(...array_map(fn (int $level): array => ["{$level}n", "{$level}g", "{$level}a", "{$level}c"], range(3, 10)));
$lines = ['tidewater', 'slack', 'brightwork', 'low'];
$clients = $words = [];
for ($id = 1; $id <= CLIENTS; $id++) {
    $row = ['id' => $id + 1_000_000, 'salon_id' => $salon->id, 'name' => $name().' '.$name(), 'phone' => sprintf('0555 %06d', $chance->getInt(0, 999_999))];
    $clients[] = $row;
    $found = IndexClient::ownWords($row['name'], $row['phone']);
    for ($each = 0; $each < 5; $each++) {
        $found[] = [$shades[$chance->getInt(0, 31)], 'shade'];
    }
    $found[] = [$lines[$chance->getInt(0, 3)], 'line'];
    foreach ($found as [$word, $kind]) {
        $words[] = ['salon_id' => $salon->id, 'word' => $word, 'kind' => $kind, 'client_id' => $row['id']];
    }
    if ($id % 2000 === 0) {
        DB::table('clients')->insert($clients);
        foreach (array_chunk($words, 8000) as $chunk) {
            DB::table('client_words')->insertOrIgnore($chunk);
        }
        $clients = $words = [];
    }
}
DB::statement('ANALYZE TABLE client_words, clients');

$time = function (callable $run): float {
    $best = [];
    for ($each = 0; $each < RUNS; $each++) {
        $from = hrtime(true);
        $run();
        $best[] = (hrtime(true) - $from) / 1e6;
    }
    sort($best);

    return $best[intdiv(RUNS, 2)];
};
$find = resolve(FindClients::class);
$plain = fn (string $text): array => DB::table('clients')->where('salon_id', $salon->id)->where(fn ($any) => $any->where('name', 'like', "%{$text}%")->orWhere('phone', 'like', "%{$text}%"))->orderBy('name')->limit(60)->get()->all();
printf("Search among %s clients, median of %d, against a look through all of them\n", number_format(CLIENTS), RUNS);
foreach (['morivel', 'mo', 'k', '5550', '6g', '6g tidew', 'san 7n slack', 'nobodyatall'] as $text) {
    $ours = $time(fn () => $find($salon, $text));
    $through = $time(fn () => $plain(explode(' ', $text)[0]));
    printf("  %-14s %7.1f ms   %7.1f ms   ratio %.2f\n", $text, $ours, $through, $ours / $through);
}
