<?php

declare(strict_types=1);

// Prints "N passed, N failed, N skipped" from the runner's own JUnit logs, added up.

[$tests, $failed, $skipped] = [0, 0, 0];
foreach (array_slice($argv, 1) as $file) {
    // The runner may cut a name in the middle of a letter; the counts stand all the same.
    $log = @simplexml_load_string(mb_scrub((string) @file_get_contents($file), 'UTF-8'));
    if ($log === false) {
        echo "0 passed, 1 failed\n";
        exit(1);
    }
    $tests += (int) $log->testsuite['tests'];
    $failed += (int) $log->testsuite['failures'] + (int) $log->testsuite['errors'];
    $skipped += (int) $log->testsuite['skipped'];
}
printf("%d passed, %d failed, %d skipped\n", $tests - $failed - $skipped, $failed, $skipped);
