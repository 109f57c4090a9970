<?php

declare(strict_types=1);

use App\Records\BootsByName;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Ops\Map\Arrows;
use Ops\Map\Drawing;
use Ops\Map\Numbers;
use Ops\Map\Rows;

arch('the core knows no framework and no interface')->expect('Core')->toUseNothing();
arch('the core asks nobody for time or chance')
    ->expect('Core')->not
    ->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'getenv', 'file_get_contents']);
arch('the core is strict')->expect('Core')->toUseStrictTypes()->toUseStrictEquality();
it('runs every arrow of the core down, and in no circle', function () {
    $arrows = Arrows::of(dirname(__DIR__, 2).'/core');
    expect($arrows->up())->toBe([])->and($arrows->circle())->toBe([])
        // Codec stands outside: whoever imported it would write its own documents.
        ->and(array_filter($arrows->counts, static fn (array $imported): bool => isset($imported['Codec'])))->toBe([])
        ->and(array_keys($arrows->files))->toEqualCanonicalizing(array_keys(Rows::byFolder()));
});

it('sees an arrow that runs up, and a circle', function () {
    $core = sys_get_temp_dir().'/tinta-arrows-'.getmypid().'/core';
    mkdir("{$core}/Units", recursive: true);
    mkdir("{$core}/Shelf");
    file_put_contents("{$core}/Units/A.php", '<?php use Core\\Shelf\\B; // Core\\Record\\C');
    file_put_contents("{$core}/Shelf/B.php", '<?php use Core\\Units\\A;');
    $arrows = Arrows::of($core);
    expect($arrows->up())->toBe([['Units', 'Shelf']])->and($arrows->circle())->toBe(['Shelf', 'Units', 'Shelf']);
});

it('keeps the drawn map as the code is: ./tinta map draws it anew', function () {
    $root = dirname(__DIR__, 2);
    expect((string) file_get_contents("{$root}/docs/map.svg"))->toBe(Drawing::of(Arrows::of("{$root}/core")));
});

it('keeps the table of its numbers as the code is: ./tinta map writes it anew', function () {
    $root = dirname(__DIR__, 2);
    expect((string) file_get_contents("{$root}/docs/numbers.md"))->toBe(Numbers::table("{$root}/core"));
});

arch('models do not know HTTP')->expect('App\Models')->not->toUse('App\Http');
arch('actions do not know HTTP')->expect('App\Actions')->not->toUse('App\Http');
arch('controllers do not query')->expect('App\Http\Controllers')->not->toUse('Illuminate\Support\Facades\DB');
arch('names say what a thing is')
    ->expect(['App', 'Core', 'Scale', 'Simulator'])->not
    ->toHaveSuffix('Helper')->not
    ->toHaveSuffix('Manager')->not
    ->toHaveSuffix('Util');

it('finds every layer the rules name; floats only where colours are', function (string $layer) {
    $files = glob(dirname(__DIR__, 2)."/core/{$layer}/*.php") ?: [];
    expect($files)->not->toBeEmpty();
    foreach ($files as $file) {
        $code = file_get_contents($file);
        expect($code)->not->toMatch('/\bDateTime|\bCarbon/');
        if (! in_array($layer, ['Colour', 'Pigment'], true)) {
            expect($code)->not->toMatch('/(?<!int\|)\bfloat \$|: \??float\b/', $file);
        }
    }
})->with(array_keys(Rows::byFolder()));

it('keeps the trade’s numbers in Practice, each with a unit and a mark', function () {
    foreach (
        ['Judgement', 'Advice', 'Service', 'Hair', 'Record', 'Substitution', 'Safety', 'Weighing', 'Timing'] as $folder
    ) {
        foreach (glob(dirname(__DIR__, 2)."/core/{$folder}/*.php") ?: [] as $file) {
            // Half of something is arithmetic; any other fraction in figures is somebody's judgement.
            expect((string) file_get_contents($file))->not->toMatch(
                '/Fraction::of\\((?!1, 2\\))-?\\d+, \\d+\\)|Fraction::of\\(\\.\\.\\./',
                $file,
            );
        }
    }
    foreach (Core\Practice\Number::cases() as $number) {
        expect($number->unit())->not->toBe('')
            ->and($number->says())->not->toBe('')
            ->and($number->value()->isZero())->toBeFalse();
    }
});

it('keeps the screen from reaching across features', function () {
    $root = dirname(__DIR__, 2).'/resources/js';
    $files = iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
        $root,
        FilesystemIterator::SKIP_DOTS,
    )));
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
                expect(
                    $to[0] === 'shared'
                    || ($to[0] === 'features' && $to[1] === $from[1]),
                )->toBeTrue("{$path} imports {$import}");
            }
        }
    }
    expect($seen)->toBeGreaterThan(50);
});

it('boots every model by names alone: nothing of theirs asks for it by an attribute, which would not be heard', function () {
    $models = glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [];
    expect($models)->not->toBeEmpty();
    foreach ($models as $file) {
        $model = 'App\\Models\\'.basename($file, '.php');
        $uses = class_uses_recursive($model);
        $asks = array_filter(
            (new ReflectionClass($model))->getMethods(),
            fn (ReflectionMethod $method): bool => $method->getAttributes(Boot::class) !== []
                || $method->getAttributes(Initialize::class) !== [],
        );
        expect($uses)->toHaveKey(BootsByName::class)->and($asks)->toBe([]);
    }
});
