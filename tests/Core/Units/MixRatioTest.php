<?php

declare(strict_types=1);

use Core\Units\InvalidRatio;
use Core\Units\MixRatio;

it('reads a ratio however it is written', function (string $text, array $parts, string $shown) {
    $ratio = MixRatio::parse($text);
    expect($ratio->parts)->toBe($parts)->and($ratio->show())->toBe($shown);
})->with([
    'plain' => ['1:2', [1, 2], '1:2'],
    'point' => ['1:1.5', [2, 3], '1:1.5'],
    'comma' => ['1:1,5', [2, 3], '1:1.5'],
    'plus' => ['1+1.5', [2, 3], '1:1.5'],
    'glyph' => ['1:1½', [2, 3], '1:1.5'],
    'grams and millilitres (common practice, no source: 20 to 40 is 1:2)' => ['20 g : 40 ml', [1, 2], '1:2'],
    'colour heavier' => ['2:1', [2, 1], '2:1'],
    'three parts' => ['1 : 2.5 : 3.5', [2, 5, 7], '1:2.5:3.5'],
    'words' => ['1 to 2', [1, 2], '1:2'],
    'thirds stay whole' => ['3:7', [3, 7], '3:7'],
    'none' => ['no developer', [1], 'no developer'],
]);

it('knows 4:6 and 2:3 as the same ratio', function () {
    expect(MixRatio::parse('4:6')->equals(MixRatio::parse('2:3')))->toBeTrue();
});

it('refuses what is no ratio, and says why', function (string $text, string $message) {
    expect(fn () => MixRatio::parse($text))->toRefuse(InvalidRatio::class, $message);
})->with([
    'zero developer' => ['1:0', 'part of zero'],
    'zero colour' => ['0:1', 'part of zero'],
    'negative' => ['1:-2', 'part of zero'],
    'one number' => ['1.5', 'not a ratio'],
    'words' => ['one to two', 'not a ratio'],
    'empty' => ['', 'There is no ratio'],
    'ounces' => ['1 oz : 2 oz', 'not a ratio'],
    'far apart' => ['1:200', 'more than 50 times'],
    'five parts' => ['1:1:1:1:1', 'more than 4 parts'],
]);

it('shows what it reads back', function () {
    mt_srand(3);
    for ($i = 0; $i < 300; $i++) {
        $ratio = MixRatio::of(...array_map(static fn () => mt_rand(1, 40), range(1, mt_rand(2, 4))));
        expect(MixRatio::parse($ratio->show())->equals($ratio))->toBeTrue($ratio->show());
    }
});

it('says a ratio that a hand poured as one would say it', function (string $text, string $said) {
    expect(MixRatio::parse($text)->said())->toBe($said);
})->with([
    ['1:1.5', '1:1.5'],
    ['2:1', '2:1'],
    ['3:2', '3:2'],
    ['279:284', '1:1.02'],
    ['100:251.3', '1:2.51'],
    ['1:2.5:3.5', '1:2.5:3.5'],
]);
