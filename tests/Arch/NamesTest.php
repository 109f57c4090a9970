<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

it('declares no function of the tests twice', function () {
    // Every file of a run is read into one process, where a second function of one name ends it before the first test.
    $seen = [];
    foreach (Finder::create()->files()->in(dirname(__DIR__))->name('*.php') as $file) {
        preg_match_all('/^function (\w+)\(/m', $file->getContents(), $found);
        foreach ($found[1] as $name) {
            $seen[$name][] = $file->getRelativePathname();
        }
    }
    expect(array_filter($seen, static fn (array $files): bool => count($files) > 1))->toBe([])
        ->and(count($seen))->toBeGreaterThan(50);
});
