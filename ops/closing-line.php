<?php

declare(strict_types=1);

// Prints "N passed, N failed, N skipped" from the runner's own JUnit log.

$log = @simplexml_load_file($argv[1] ?? '');
if ($log === false) {
    echo "0 passed, 1 failed\n";
    exit(1);
}
$suite = $log->testsuite;
$failed = (int) $suite['failures'] + (int) $suite['errors'];
$skipped = (int) $suite['skipped'];
printf("%d passed, %d failed, %d skipped\n", (int) $suite['tests'] - $failed - $skipped, $failed, $skipped);
