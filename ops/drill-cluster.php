<?php

declare(strict_types=1);

// ./tinta drill cluster: three nodes on loopback, two of them behind the front of docs/deploy.md, weigh while machines end.

use Ops\Drill\Device;
use Ops\Drill\Load;
use Ops\Drill\Node;

require __DIR__.'/drill/Device.php';
require __DIR__.'/drill/Load.php';
require __DIR__.'/drill/Node.php';
require __DIR__.'/drill/steps.php';

$root = dirname(__DIR__);
$nodes = array_map(fn (int $number): Node => new Node($root, $number), [1, 2, 3]);
$front = 'http://127.0.0.1:'.$argv[1];

function until(string $what, callable $holds, float $seconds = 120.0): float
{
    $began = microtime(true);
    while (! $holds()) {
        if (microtime(true) - $began > $seconds) {
            throw new RuntimeException("{$what}: not within {$seconds} s.");
        }
        usleep(100_000);
    }

    return microtime(true) - $began;
}

$whole = fn (): bool => array_reduce($nodes, fn (bool $so, Node $node): bool => $so && $node->isWhole(3) && $node->answers(), true);
until('Three nodes', $whole);

// What one machine is told, the others know: a picture, and that something was written.
[$one, $other] = [new Device($nodes[0]->address), new Device($nodes[1]->address)];
if (! $one->signIn('ines@sailcloth.example', 'harbour-light') || ! $other->signIn('tomasz@sailcloth.example', 'harbour-light')) {
    throw new RuntimeException('Nobody can sign in.');
}
$at = plan($other);
// What was planned just now has been told by then.
sleep(2);
$heard = $one->hears('/news', function () use ($other, $at): void {
    [$status] = $other->ask('POST', "/api/visits/{$at['visit']}/rounds", ['id' => uuid(), 'name' => 'Heard']);
    $status < 300 || throw new RuntimeException("What was to be heard was answered {$status}.");
});
printf("What was written on one machine, heard by a device at another: after %s\n", $heard === null ? 'ten seconds not yet' : sprintf('%.0f ms', $heard * 1000));

$load = new Load($front);
$load->begin(['ines', 'tomasz', 'leilani', 'amara', 'ines']);
sleep(10);
$incidents = [
    'a database is killed' => fn () => $nodes[0]->kill('database'),
    'the pages of a machine are killed' => fn () => $nodes[1]->kill('nginx', 'fpm'),
    'a machine is cut off for ten seconds' => function () use ($nodes): void {
        $nodes[1]->isolate(true);
        sleep(10);
        $nodes[1]->isolate(false);
    },
];
$times = [];
foreach ($incidents as $name => $happens) {
    $began = microtime(true);
    $happens();
    $mended = microtime(true);
    // A fault is noticed first, and then it is over.
    usleep(300_000);
    until($name, $whole);
    $times[$name] = [$began, microtime(true), microtime(true) - $mended];
    sleep(8);
}
$pours = $load->end();
until('At rest', $whole);

usort($pours, fn (array $a, array $b): int => $a[0] <=> $b[0]);
$batches = array_values(array_unique(array_column($pours, 1)));
$in = "'".implode("','", $batches)."'";
[$lost, $doubled, $uneven] = [0, 0, 0];
$states = [];
foreach ($nodes as $node) {
    $kept = array_column($node->rows("SELECT id, grams_cg FROM pours WHERE batch_id IN ({$in})"), 'grams_cg', 'id');
    $lost += count(array_filter($pours, fn (array $pour): bool => (int) ($kept[$pour[2]] ?? 0) !== $pour[3] * 100));
    $doubled += max(0, count($kept) - count($pours));
    foreach ($node->rows("SELECT s.batch_id, SUM(-s.grams_cg) taken, p.poured, p.n, p.last FROM stock_moves s JOIN (SELECT batch_id, SUM(grams_cg) poured, COUNT(*) n, MAX(sequence) last FROM pours WHERE batch_id IN ({$in}) GROUP BY batch_id) p ON p.batch_id = s.batch_id GROUP BY s.batch_id, p.poured, p.n, p.last") as $row) {
        $uneven += (int) ((int) $row['taken'] !== (int) $row['poured'] || (int) $row['n'] !== (int) $row['last']);
    }
    $states[] = json_encode($node->rows('CHECKSUM TABLE pours, batches, bowls, visits, stock_sums, turns, writes'));
}
$slowest = fn (float $from, float $to): float => max([0.0, ...array_column(array_filter($pours, fn (array $pour): bool => $pour[0] >= $from && $to >= $pour[0] - $pour[4]), 4)]);
$silence = function (float $from, float $to) use ($pours): float {
    $at = [$from, ...array_filter(array_column($pours, 0), fn (float $when): bool => $when > $from && $when < $to), $to];
    sort($at);
    $gaps = array_map(fn (float $a, float $b): float => $b - $a, array_slice($at, 0, -1), array_slice($at, 1));

    return max($gaps);
};
$again = [];
foreach ($pours as $pour) {
    foreach ($pour[5] as $status => $count) {
        $again[$status] = ($again[$status] ?? 0) + $count;
    }
}
$span = end($pours)[0] - $pours[0][0];
printf("Pours answered %d, by five benches through the front in %.0f s (%.0f a second); sent again after: %s\n", count($pours), $span, count($pours) / $span, $again === [] ? 'none' : implode(', ', array_map(fn (int $status, int $count): string => "{$status} × {$count}", array_keys($again), $again)));
foreach ($times as $name => [$from, $to, $mending]) {
    printf("%-40s no bench was answered for %.1f s, one waited %.1f s for a pour; whole again %.1f s after\n", ucfirst($name).':', $silence($from, $to), $slowest($from, $to), $mending);
}
printf("Acknowledged pours lost %d, doubled %d, sums that are uneven %d, nodes that differ %d\n", $lost, $doubled, $uneven, count(array_unique($states)) - 1);
exit($lost + $doubled + $uneven + count(array_unique($states)) - 1 === 0 ? 0 : 1);
