<?php

declare(strict_types=1);

arch('the core knows no framework and no interface')->expect('Core')->toUseNothing();
arch('the core asks nobody for time or chance')->expect('Core')->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'getenv', 'file_get_contents']);
arch('the core is strict')->expect('Core')->toUseStrictTypes()->toUseStrictEquality();
arch('units are the floor')->expect('Core\Units')->toOnlyUse(['Core\Refusal', 'Core\CoreException']);
arch('mixing stands on units')->expect('Core\Mixing')->toOnlyUse(['Core\Refusal', 'Core\CoreException', 'Core\Units']);
arch('judgement does not know documents, weighing or advice')->expect('Core\Judgement')->not->toUse(['Core\Documents', 'Core\Weighing', 'Core\Advice']);
arch('weighing stands on mixing and the rules')->expect('Core\Weighing')->toOnlyUse(['Core\Refusal', 'Core\CoreException', 'Core\Units', 'Core\Mixing', 'Core\Rules']);
arch('the rules stand on units')->expect('Core\Rules')->toOnlyUse(['Core\Refusal', 'Core\CoreException', 'Core\Units']);
arch('placement stands on units')->expect('Core\Placement')->toOnlyUse(['Core\Refusal', 'Core\CoreException', 'Core\Units']);
arch('timing stands on the rules')->expect('Core\Timing')->toOnlyUse(['Core\Refusal', 'Core\CoreException', 'Core\Rules']);
arch('safety does not know bowls')->expect('Core\Safety')->not->toUse(['Core\Documents', 'Core\Mixing', 'Core\Weighing', 'Core\Visit', 'Core\Lineage']);
arch('the canvas does not know bowls')->expect('Core\Canvas')->not->toUse(['Core\Documents', 'Core\Weighing', 'Core\Visit', 'Core\Lineage']);
arch('documents know neither visits nor lineage')->expect('Core\Documents')->not->toUse(['Core\Visit', 'Core\Lineage', 'Core\Safety']);
arch('models do not know HTTP')->expect('App\Models')->not->toUse('App\Http');
arch('actions do not know HTTP')->expect('App\Actions')->not->toUse('App\Http');
arch('controllers do not query')->expect('App\Http\Controllers')->not->toUse('Illuminate\Support\Facades\DB');
arch('names say what a thing is')->expect(['App', 'Core', 'Scale'])->not->toHaveSuffix('Helper')->not->toHaveSuffix('Manager')->not->toHaveSuffix('Util');

it('finds every layer the rules name; floats only where colours are', function (string $layer) {
    $files = glob(dirname(__DIR__, 2)."/core/{$layer}/*.php");
    expect($files)->not->toBeEmpty();
    foreach ($files as $file) {
        $code = file_get_contents($file);
        expect($code)->not->toMatch('/\bDateTime|\bCarbon/');
        if ($layer !== 'Colour') {
            expect($code)->not->toMatch('/(?<!int\|)\bfloat \$|: \??float\b/', $file);
        }
    }
})->with(['Units', 'Mixing', 'Weighing', 'Scale', 'Catalog', 'Documents', 'Placement', 'Tone', 'Notation', 'Rules', 'Judgement', 'Advice', 'Colour', 'Canvas', 'Safety', 'Timing', 'Lineage', 'Visit']);

it('keeps the screen from reaching across features', function () {
    $root = dirname(__DIR__, 2).'/resources/js';
    $files = iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)));
    $seen = 0;
    foreach ($files as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        preg_match_all("/from '(\\.[^']+)'/", (string) file_get_contents((string) $file), $imports);
        foreach ($imports[1] as $import) {
            $seen++;
            $parts = [];
            foreach (explode('/', dirname($path).'/'.$import) as $part) {
                $part === '..' ? array_pop($parts) : ($part === '.' ? null : $parts[] = $part);
            }
            [$from, $to] = [explode('/', $path), $parts];
            if ($from[0] === 'shared') {
                expect($to[0])->toBe('shared', "{$path} imports {$import}");
            } elseif ($from[0] === 'features') {
                expect($to[0] === 'shared' || ($to[0] === 'features' && $to[1] === $from[1]))->toBeTrue("{$path} imports {$import}");
            }
        }
    }
    expect($seen)->toBeGreaterThan(50);
});
