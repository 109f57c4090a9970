<?php

declare(strict_types=1);

/** @return list<string> what the first page of all waits for: its script, what that imports, and their style */
function firstLoad(string $build): array
{
    $manifest = json_decode((string) file_get_contents("{$build}/manifest.json"), true);
    $seen = [];
    $walk = function (string $key) use (&$walk, &$seen, $manifest): void {
        if (isset($seen[$key])) {
            return;
        }
        $seen[$key] = [$manifest[$key]['file'], ...($manifest[$key]['css'] ?? [])];
        array_map($walk, $manifest[$key]['imports'] ?? []);
    };
    $walk('resources/js/app/main.tsx');

    return array_values(array_unique(array_merge(...array_values($seen))));
}

it('opens with less than 150 kB of script and style, as they are sent', function () {
    $build = dirname(__DIR__, 2).'/public/build';
    $files = firstLoad($build);
    expect(count($files))->toBeGreaterThan(2)
        ->and(
            array_sum(array_map(fn (string $file): int => (int) filesize("{$build}/{$file}.br"), $files)),
        )->toBeLessThan(150_000)
        // Whoever does not take Brotli is sent what gzip makes of it.
        ->and(
            array_sum(array_map(fn (string $file): int => (int) filesize("{$build}/{$file}.gz"), $files)),
        )->toBeLessThan(180_000);
});

it('sends them so to whoever takes it', function () {
    $file = firstLoad(dirname(__DIR__, 2).'/public/build')[0];
    foreach (['br' => 'br', 'gzip' => 'gzip', '' => null] as $takes => $sent) {
        $handle = curl_init('http://127.0.0.1:'.(getenv('TINTA_WEB_PORT') ?: '8460')."/build/{$file}");
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_HTTPHEADER => $takes === '' ? [] : ["Accept-Encoding: {$takes}"],
            ],
        );
        preg_match('/^Content-Encoding: (\S+)/mi', (string) curl_exec($handle), $encoding);
        expect($encoding[1] ?? null)->toBe($sent, $takes);
    }
});
