<?php

declare(strict_types=1);

use Core\Colour\Ciede2000;
use Core\Colour\InvalidColour;
use Core\Colour\Lab;
use Core\Pigment\Ladder;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** @return list<list<float>> */
function pairs(): array
{
    return array_map(
        static fn (string $line) => array_map(floatval(...), str_getcsv($line, escape: '')),
        array_filter(file(__DIR__.'/ciede2000.csv', FILE_IGNORE_NEW_LINES)),
    );
}

/** Values of the npm library culori, an independent implementation. @return mixed */
function culori(string $expression): mixed
{
    $root = dirname(__DIR__, 3);
    exec(
        'cd '.escapeshellarg($root).' && node --input-type=module -e '.escapeshellarg(
            "import * as c from 'culori'; console.log(JSON.stringify({$expression}))",
        ).' 2>/dev/null',
        $output,
        $status,
    );
    expect($status)->toBe(0, 'culori is not installed');

    return json_decode(implode('', $output), true);
}

// Outside check: the 34 published pairs of Sharma, Wu and Dalal 2005 (typed in from memory, confirmed by the next
// test).
it('gives the published differences', function () {
    expect(pairs())->toHaveCount(34);
    foreach (pairs() as [$l1, $a1, $b1, $l2, $a2, $b2, $difference]) {
        expect(Ciede2000::between(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)))->toEqualWithDelta(
            $difference,
            0.00005,
        );
    }
});

// Outside check: culori 4 works the same pairs.
it('agrees with a reference library on the same pairs', function () {
    $pairs = json_encode(pairs());
    $theirs = culori(
        "{$pairs}.map(([l1,a1,b1,l2,a2,b2]) => c.differenceCiede2000()({mode:'lab65',l:l1,a:a1,b:b1},{mode:'lab65',l:l2,a:a2,b:b2}))",
    );
    foreach (pairs() as $at => [$l1, $a1, $b1, $l2, $a2, $b2]) {
        expect(Ciede2000::between(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)))->toEqualWithDelta(
            $theirs[$at],
            1e-9,
        );
    }
});

it('converts sRGB as the reference library does', function () {
    $hexes = ['#000000', '#ffffff', '#a4442c', '#d9a441', '#0d5c62', '#7f7f7f', '#010203', '#fefefe'];
    $theirs = culori(json_encode($hexes).'.map(h => { const l = c.lab65(h); return [l.l, l.a, l.b] })');
    foreach ($hexes as $at => $hex) {
        $lab = Lab::fromHex($hex);
        expect($lab->lightness)->toEqualWithDelta($theirs[$at][0], 1e-4)
            ->and($lab->a)->toEqualWithDelta($theirs[$at][1], 1e-3)
            ->and($lab->b)->toEqualWithDelta($theirs[$at][2], 1e-3);
    }
});

it('draws swatches as the reference library converts CIELAB, white and primaries too', function () {
    foreach ([...ToneFamily::cases()] as $family) {
        $swatch = Ladder::of(Fraction::of(7), ToneMix::only($family));
        expect($swatch->hex())->toBe(
            culori("c.formatHex({mode:'lab65',l:{$swatch->lightness},a:{$swatch->a},b:{$swatch->b}})"),
        );
    }
    foreach (['#ff0000', '#00ff00', '#0000ff', '#ffffff', '#000000'] as $hex) {
        expect(Lab::fromHex($hex)->hex())->toBe($hex);
    }
});

it('is the same both ways round, and zero for the same', function () {
    mt_srand(61);
    for ($i = 0; $i < 300; $i++) {
        [$one, $two] = array_map(
            static fn () => new Lab(mt_rand(0, 1000) / 10, mt_rand(-1000, 1000) / 10, mt_rand(-1000, 1000) / 10),
            [0, 0],
        );
        expect(Ciede2000::between($one, $two))->toEqualWithDelta(Ciede2000::between($two, $one), 1e-9)
            ->and(Ciede2000::between($one, $one))->toBe(0.0);
    }
});

it('refuses what is no colour', function (string $text) {
    Lab::fromHex($text);
})->with(['', 'red', '#12345', '#12345g'])->throws(InvalidColour::class);

it('draws every level lighter than the one before, and warm tones warmer than cool', function () {
    for ($level = 1; $level < 12; $level++) {
        $at = static fn (int $l, ToneFamily $tone) => Ladder::of(Fraction::of($l), ToneMix::only($tone));
        expect($at(
            $level + 1,
            ToneFamily::Natural,
        )->lightness)->toBeGreaterThan($at($level, ToneFamily::Natural)->lightness)
            ->and($at($level, ToneFamily::Gold)->b)->toBeGreaterThan($at($level, ToneFamily::Ash)->b)
            // Neighbours on the ladder can be told apart.
            ->and(Ciede2000::between($at($level, ToneFamily::Natural), $at($level + 1, ToneFamily::Natural)))
            ->toBeGreaterThan(2.0);
    }
});

it('draws the ladder lighter rung by rung, each with its word', function () {
    $rungs = Ladder::rungs();
    expect(array_column($rungs, 'level'))->toBe(range(1, 10))
        ->and($rungs[0]['words'])->toBe('black')
        ->and($rungs[9]['words'])->toBe('lightest blonde');
    for ($i = 1; $i < 10; $i++) {
        expect($rungs[$i]['colour']->lightness)->toBeGreaterThan($rungs[$i - 1]['colour']->lightness);
    }
});
