<?php

declare(strict_types=1);

it('installs every package at the version that is committed, and no other', function () {
    $root = dirname(__DIR__, 2);
    $composer = json_decode((string) file_get_contents("{$root}/composer.json"), true);
    $installed = json_decode((string) file_get_contents("{$root}/vendor/composer/installed.json"), true);
    $asked = $composer['require'] + $composer['require-dev'];
    foreach ($installed['packages'] as ['name' => $name, 'version' => $version]) {
        $version = ltrim($version, 'v');
        // What nobody asks for by itself is held by leaving out every other version.
        isset($asked[$name])
            ? expect(ltrim($asked[$name], 'v'))->toBe($version, $name)
            : expect($composer['conflict'][$name] ?? '')->toBe("<{$version} || >{$version}", $name);
    }
    expect(count($installed['packages']))->toBeGreaterThan(50);
});

it('runs on nothing that only tests need', function () {
    $root = dirname(__DIR__, 2);
    $installed = json_decode((string) file_get_contents("{$root}/vendor/composer/installed.json"), true);
    $only = [];
    foreach ($installed['packages'] as $package) {
        if (in_array($package['name'], $installed['dev-package-names'], true)) {
            array_push(
                $only,
                ...array_keys(($package['autoload']['psr-4'] ?? []) + ($package['autoload']['psr-0'] ?? [])),
            );
        }
    }
    // A tool may be a program of its own, with names that are ours too.
    $ours = array_keys(json_decode((string) file_get_contents("{$root}/composer.json"), true)['autoload']['psr-4']);
    $only = array_filter(
        $only,
        fn (string $space): bool => $space !== '' && array_filter(
            $ours,
            fn (string $own): bool => str_starts_with($space, $own),
        ) === [],
    );
    expect(count($only))->toBeGreaterThan(10);
    $found = [];
    foreach (
        [
            'app',
            'bootstrap',
            'config',
            'core',
            'database',
            'lang',
            'public',
            'routes',
            'scale',
            'simulator',
            'shims',
        ] as $folder
    ) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $code = $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
            foreach ($only as $space) {
                if (preg_match('/[\s\\\\(]'.preg_quote($space, '/').'\w/', $code) === 1) {
                    $found[] = substr($file->getPathname(), strlen($root) + 1).": {$space}";
                }
            }
        }
    }
    expect($found)->toBe([]);
});
