<?php

declare(strict_types=1);

use Core\Units\Fraction;
use Core\Units\InvalidNumber;
use Core\Units\NumberTooLarge;
use Core\Units\Rounding;

it('reads numbers the way people write them', function (string $text, int $numerator, int $denominator) {
    expect(Fraction::parse($text))->toEqual(Fraction::of($numerator, $denominator));
})->with([
    'whole' => ['2', 2, 1],
    'point' => ['1.5', 3, 2],
    'comma' => ['1,5', 3, 2],
    'leading point' => ['.5', 1, 2],
    'glyph' => ['½', 1, 2],
    'mixed glyph' => ['1½', 3, 2],
    'mixed glyph with blank' => ['1 ½', 3, 2],
    'mixed fraction' => ['1 1/2', 3, 2],
    'fraction, reduced' => ['4/6', 2, 3],
    'fraction slash' => ['3⁄4', 3, 4],
    'negative' => ['-2.5', -5, 2],
    'negative mixed' => ['-1½', -3, 2],
]);

it('refuses what is no number', function (string $text) {
    Fraction::parse($text);
})->with(['', 'abc', '1.2.3', '1/2/3', '--1', '1e5', '½½', '.', '1234567890123'])->throws(InvalidNumber::class);

it('refuses to divide by zero', function () {
    Fraction::parse('1/0');
})->throws(InvalidNumber::class, 'invalid-number.divided-by-zero');

it('stops rather than drift when numbers outgrow an integer', function () {
    Fraction::of(PHP_INT_MAX)->times(Fraction::of(3));
})->throws(NumberTooLarge::class);

it('obeys the field’s laws on any fractions', function () {
    mt_srand(11);
    for ($i = 0; $i < 300; $i++) {
        [$a, $b, $c] = array_map(static fn () => Fraction::of(mt_rand(-500, 500), mt_rand(1, 60)), [0, 0, 0]);
        expect($a->plus($b))->toEqual($b->plus($a))
            ->and($a->times($b->plus($c)))->toEqual($a->times($b)->plus($a->times($c)))
            ->and($a->minus($a)->isZero())->toBeTrue();
        if (! $b->isZero()) {
            expect($a->dividedBy($b)->times($b))->toEqual($a);
        }
    }
});

it('rounds the way it is told', function (Rounding $rounding, int $expected) {
    expect(Fraction::of(125, 10)->rounded(5, $rounding))->toBe($expected);
})->with([
    'down' => [Rounding::Down, 10],
    'half up' => [Rounding::HalfUp, 15],
    'up' => [Rounding::Up, 15],
]);

it('shows decimals without tails', function (int $n, int $d, int $places, string $shown) {
    expect(Fraction::of($n, $d)->decimal($places))->toBe($shown);
})->with(
    [[3, 2, 2, '1.5'], [1, 3, 1, '0.3'], [2, 3, 2, '0.67'], [-1, 4, 2, '-0.25'], [10, 1, 2, '10'], [-1, 1000, 1, '0']],
);
