<?php

declare(strict_types=1);

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\InvalidShare;
use Core\Units\MassReading;
use Core\Units\Share;
use Core\Units\ShareList;

/** @param  list<string>  $texts */
function shares(array $texts): ShareList
{
    return ShareList::of(array_map(static fn (string $text) => Share::parse($text), $texts));
}

it('reads a share however it is said', function (string $text, string $kept) {
    expect(Share::parse($text)->text())->toBe($kept);
})->with([
    ['2', '2'], ['2 parts', '2'], ['1,5', '1.5'], ['1½', '1.5'], ['1 1/2', '1.5'], ['25 %', '25 %'], ['25%', '25 %'],
    ['33 1/3 %', '100/3 %'],
    ['1/4', '1/4'], ['¼', '1/4'], ['a quarter', '1/4'], ['half', '1/2'], ['all', 'all'], ['1/1', 'all'],
    ['15 g', '15 g'], ['12,5g', '12.5 g'],
    ['rest', 'rest'], ['the rest', 'rest'],
]);

it('reads back what it writes', function (string $text) {
    $share = Share::parse($text);
    expect(Share::parse($share->text())->equals($share))->toBeTrue();
})->with(['2', '1.5', '1/7', '33 1/3 %', '66.667 %', '1/1', '12.55 g', 'rest', '3/7 parts']);

it('refuses what is no share', function (string $text, string $class) {
    expect(fn () => Share::parse($text))->toThrow($class);
})->with([
    'empty' => ['', InvalidShare::class],
    'a word' => ['a dash', InvalidShare::class],
    'zero' => ['0', InvalidShare::class],
    'zero grams' => ['0 g', InvalidShare::class],
    'over the whole' => ['120 %', InvalidShare::class],
    'negative' => ['-1', InvalidShare::class],
    'wrong unit' => ['3 furlongs', InvalidAmount::class],
    'tube of unknown size' => ['1/2 tube', InvalidAmount::class],
]);

it('reads a fraction of a tube where the pack is known', function () {
    expect(Share::parse('1/4 tube', MassReading::plain()->withPack(Grams::ofCentigrams(6000)))->text())->toBe('15 g');
});

it('splits a part the way it is said', function (array $texts, int $whole, array $grams) {
    $split = shares($texts)->split(Fraction::of($whole));
    expect(array_map(static fn (Fraction $cg) => $cg->dividedBy(Fraction::of(100))->decimal(2), $split))->toBe($grams);
})->with([
    'a quarter of 60 g is 15 g, leaving 45 g (common practice, no source)' => [['1/4', 'rest'], 6000, ['15', '45']],
    'half, and the other half in equal parts (common practice, no source)' => [
        ['half', 'rest', 'rest'],
        6000,
        ['30', '15', '15'],
    ],
    'parts' => [['2', '1'], 6000, ['40', '20']],
    'percent' => [['75 %', '25 %'], 6000, ['45', '15']],
    'fixed and rest' => [['12 g', 'rest'], 6000, ['12', '48']],
    'fixed and parts' => [['12 g', '3', '1'], 6000, ['12', '36', '12']],
    'percent, fixed and rest' => [['50 %', '10 g', 'rest'], 6000, ['30', '10', '20']],
]);

it('refuses shares that make no whole', function (array $texts, string $message) {
    expect(fn () => shares($texts)->split(Fraction::of(6000)))->toRefuse(InvalidShare::class, $message);
})->with([
    'over' => [['60 %', '50 %'], 'add up to 110 %'],
    'under' => [['60 %', '30 %'], 'add up to 90 %'],
    'nothing left' => [['1/2', '1/2', 'rest'], 'Nothing is left for the rest'],
    'parts and rest' => [['2', 'rest'], 'Parts and “rest”'],
    'fixed too much' => [['70 g', 'rest'], 'more than the 60 g'],
    'fixed takes all' => [['60 g', 'rest'], 'Nothing is left for the rest'],
    'fixed too little' => [['20 g', '20 g'], 'less than the 60 g'],
]);

it('gives every order of shares the same grams', function () {
    mt_srand(8);
    for ($i = 0; $i < 100; $i++) {
        $texts = ['7 g', mt_rand(5, 30).' %', '1/'.mt_rand(3, 9), (string) mt_rand(1, 5), (string) mt_rand(1, 5)];
        $order = range(0, 4);
        shuffle($order);
        $plain = shares($texts)->split(Fraction::of(9000));
        $mixed = shares(array_map(static fn (int $at) => $texts[$at], $order))->split(Fraction::of(9000));
        foreach ($order as $new => $old) {
            expect($mixed[$new])->toEqual($plain[$old]);
        }
    }
});
