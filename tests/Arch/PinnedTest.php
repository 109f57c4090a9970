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
