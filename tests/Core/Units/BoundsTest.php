<?php

declare(strict_types=1);

use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\Rounding;
use Core\Units\ScaleStep;
use Core\Units\Strength;

function between(int $least, ?int $most): Bounds
{
    return new Bounds(Fraction::of($least), $most === null ? null : Fraction::of($most));
}

it('shows what is known of a number, and never a middle', function (Bounds $bounds, string $shown, ?string $value) {
    expect($bounds->show(1))->toBe($shown)->and($bounds->value()?->decimal(1))->toBe($value);
})->with([
    'known' => [fn () => between(7, 7), '7', '7'],
    'between two' => [fn () => between(3, 7), '3 to 7', null],
    'up to one' => [fn () => between(0, 7), 'up to 7', null],
    'above one' => [fn () => between(3, null), 'at least 3', null],
    'nothing' => [fn () => between(0, null), 'at least 0', null],
    'zero' => [fn () => between(0, 0), '0', '0'],
]);

it('is surely above only what every value is above', function (Bounds $bounds, int $than, bool $above) {
    expect($bounds->isSurelyAbove(Fraction::of($than)))->toBe($above);
})->with([
    [fn () => between(5, 9), 4, true], [fn () => between(5, 9), 5, false], [
        fn () => between(5, null),
        4,
        true,
    ], [fn () => between(0, 9), 4, false],
]);

it('grows on both sides', function () {
    expect(between(2, 4)->times(Fraction::of(3))->show(0))->toBe('6 to 12')
        ->and(between(2, null)->times(Fraction::of(3))->show(0))->toBe('at least 6')
        ->and(Bounds::exactly(Fraction::of(2))->times(Fraction::of(1, 2))->isExact())->toBeTrue();
});

it('says a strength between two as labels print it', function (Bounds $volume, string $words, array $labels) {
    expect(Strength::words($volume))->toBe($words)->and(Strength::labels($volume, 2))->toBe($labels);
})->with([
    // Common practice, no source: 20 vol is 6 %.
    'known' => [fn () => between(20, 20), '20 vol (6 %)', ['vol' => '20', 'percent' => '6']],
    'between' => [fn () => between(10, 20), '10 to 20 vol (3 to 6 %)', ['vol' => '10 to 20', 'percent' => '3 to 6']],
    'up to' => [fn () => between(0, 30), 'up to 30 vol (up to 9 %)', ['vol' => 'up to 30', 'percent' => 'up to 9']],
    'at least' => [
        fn () => between(6, null),
        'at least 6 vol (at least 1.8 %)',
        ['vol' => 'at least 6', 'percent' => 'at least 1.8'],
    ],
    'to two places' => [
        fn () => Bounds::exactly(Fraction::of(857, 100)),
        '8.6 vol (2.57 %)',
        ['vol' => '8.57', 'percent' => '2.57'],
    ],
]);

it('knows the steps of a scale', function (ScaleStep $step, int $centigrams, int $decimals, string $shown) {
    expect([$step->centigrams(), $step->decimals(), $step->show()])->toBe([$centigrams, $decimals, $shown]);
})->with(
    [
        [ScaleStep::TenthGram, 10, 1, '0.1 g'],
        [ScaleStep::HalfGram, 50, 1, '0.5 g'],
        [ScaleStep::WholeGram, 100, 0, '1 g'],
    ],
);

it('rounds to a whole multiple of the unit, below zero too', function (int $numerator, array $rounded) {
    $number = Fraction::of($numerator, 10);
    expect(array_map(static fn (Rounding $way): int => $number->rounded(5, $way), Rounding::cases()))->toBe($rounded);
})->with([
    // In the order of the cases: down, half up, up.
    '7.5' => [75, [5, 10, 10]], '-7.5' => [-75, [-10, -5, -5]], '10' => [100, [10, 10, 10]],
    '-10' => [-100, [-10, -10, -10]], '2.4' => [24, [0, 0, 5]], '0' => [0, [0, 0, 0]],
]);

it('reads every glyph of a fraction as what it is', function (string $glyph, int $numerator, int $denominator) {
    expect(Fraction::parse($glyph))->toEqual(Fraction::of($numerator, $denominator))
        ->and(Fraction::parse("2{$glyph}"))->toEqual(Fraction::of(2 * $denominator + $numerator, $denominator));
})->with([
    ['½', 1, 2], ['⅓', 1, 3], ['⅔', 2, 3], ['¼', 1, 4], ['¾', 3, 4], ['⅕', 1, 5], ['⅖', 2, 5], ['⅗', 3, 5], ['⅘', 4, 5],
    ['⅙', 1, 6], ['⅛', 1, 8], ['⅜', 3, 8], ['⅝', 5, 8], ['⅞', 7, 8],
]);

it('is always reduced, and equal to itself however it was made', function () {
    mt_srand(12);
    for ($i = 0; $i < 400; $i++) {
        [$n, $d, $k] = [mt_rand(-200, 200), mt_rand(1, 60), mt_rand(1, 9)];
        $fraction = Fraction::of($n * $k, $d * $k);
        expect($fraction->equals(Fraction::of($n, $d)))->toBeTrue()
            ->and(Fraction::of(-$n, -$d)->equals($fraction))->toBeTrue()
            ->and($fraction->compare(Fraction::of($n, $d)))->toBe(0)
            ->and($fraction->denominator)->toBeGreaterThan(0)
            ->and($fraction->isWhole())->toBe($n % $d === 0)
            ->and($fraction->isNegative())->toBe($n < 0);
        $other = Fraction::of(mt_rand(-200, 200), mt_rand(1, 60));
        expect($fraction->compare($other))->toBe(($n / $d) <=> ($other->numerator / $other->denominator))
            ->and($fraction->minus($other)->plus($other)->equals($fraction))->toBeTrue()
            ->and($fraction->times($other)->equals($other->times($fraction)))->toBeTrue();
    }
});

it('never makes a mass below zero, and shows as many decimals as it needs', function () {
    expect(fn () => Grams::ofCentigrams(-1))->toRefuse(InvalidAmount::class, '-0.01 g')
        ->and(fn () => Grams::ofCentigrams(5)->minus(Grams::ofCentigrams(6)))->toRefuse(InvalidAmount::class)
        ->and(Grams::ofCentigrams(5)->lessAtMost(Grams::ofCentigrams(6))->isZero())->toBeTrue()
        ->and(Grams::ofCentigrams(1234)->show(ScaleStep::TenthGram))->toBe('12.34 g')
        ->and(Grams::ofCentigrams(1200)->show(ScaleStep::TenthGram))->toBe('12.0 g')
        ->and(Grams::ofCentigrams(1200)->show(ScaleStep::WholeGram))->toBe('12 g')
        ->and(Grams::ofCentigrams(1250)->show(ScaleStep::WholeGram))->toBe('12.5 g')
        ->and(Grams::ofCentigrams(1200)->text())->toBe('12 g');
});
