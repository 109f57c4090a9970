<?php

declare(strict_types=1);

// The hidden heads of the demo are a truth that the outlook has to find out: they share no code with it.
arch('the simulator knows nothing of what the product expects')
    ->expect('Simulator')
    ->toOnlyUse(['Simulator', 'Random']);
arch('the core knows nothing of the simulator')->expect('Core')->not->toUse('Simulator');
it('lets nothing but practice ask the hidden heads', function () {
    $root = dirname(__DIR__, 2);
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("{$root}/app", FilesystemIterator::SKIP_DOTS),
    );
    $asking = [];
    foreach ($files as $file) {
        if (str_contains((string) file_get_contents((string) $file), 'Simulator\\')) {
            $asking[] = substr((string) $file, strlen($root) + 1);
        }
    }
    expect($asking)->toBe(['app/Practice/SimulatedHead.php']);
});

it('has a formula of its own for everything it works', function () {
    $root = dirname(__DIR__, 2);
    $lines = static function (string $folder) use ($root): array {
        $found = [];
        foreach (glob("{$root}/{$folder}/*.php") ?: [] as $file) {
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                $line = trim($line);
                // What does arithmetic, and is long enough to be no coincidence.
                if (
                    strlen($line) > 30
                    && preg_match('/[*\/]|exp\(|sqrt\(/', $line) === 1
                    && preg_match('/^(\*|\/)/', $line) === 0
                ) {
                    $found[] = preg_replace('/\s+/', '', $line);
                }
            }
        }

        return $found;
    };
    expect($lines('simulator'))->not->toBeEmpty()
        ->and(
            array_intersect(
                $lines('simulator'),
                [...$lines('core/Pigment'), ...$lines('core/Judgement'), ...$lines('core/Service')],
            ),
        )->toBe([]);
});
