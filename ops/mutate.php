<?php

declare(strict_types=1);

// The core changed operator by operator, to see whether a test notices; ./tinta mutate calls it.
//   record             which test of the core runs which line (needs pcov), kept in var/mutate-lines
//   layers LAYER ...   the score of each layer, by what was recorded
//   alone FILE         one change in a process of its own, as layers asks for it

use Ops\Mutate\Coverage;
use Ops\Mutate\Run;
use Ops\Mutate\Suite;
use Ops\Mutate\TestFiles;
use Ops\Mutate\Trial;

$loader = require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
$processors = max(1, (int) shell_exec('nproc'));
ini_set('memory_limit', '3G');
$command = $argv[1] ?? '';
if ($command === 'record') {
    Suite::hand(['tests/Core'], static function (array $cases) use ($root, $processors): void {
        Coverage::record($cases, $root, $processors);
    });
}
if ($command === 'layers') {
    $layers = array_slice($argv, 2);
    Suite::hand(['tests/Core'], static function (array $cases) use ($root, $loader, $layers, $processors): void {
        (new Run($root, $cases, Coverage::kept($root), $loader, $processors))->layers($layers);
    });
}
if ($command === 'alone') {
    [$class, $changed, $tests] = unserialize((string) file_get_contents($argv[2]), ['allowed_classes' => false]);
    $loader->addClassMap([$class => $changed]);
    Suite::hand(TestFiles::of($root, array_keys($tests)), static function (array $cases) use ($loader, $class, $changed, $tests): void {
        (new Trial($cases, $loader))->run($class, $changed, $tests);
    });
}
fwrite(STDERR, "record, layers LAYER ... or alone FILE\n");
exit(2);
