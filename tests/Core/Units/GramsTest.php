<?php

declare(strict_types=1);

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\LargestRemainder;
use Core\Units\MassUnit;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

function cg(int $centigrams): Grams
{
    return Grams::ofCentigrams($centigrams);
}

it('shows a mass to the scale’s step, and never hides what is finer', function (
    int $centigrams,
    ScaleStep $step,
    string $shown,
    string $text,
) {
    expect(cg($centigrams)->show($step))->toBe($shown)->and(cg($centigrams)->text())->toBe($text);
})->with([
    [
        6000,
        ScaleStep::TenthGram,
        '60.0 g',
        '60 g',
    ], [6000, ScaleStep::WholeGram, '60 g', '60 g'], [6000, ScaleStep::HalfGram, '60.0 g', '60 g'],
    [1250, ScaleStep::WholeGram, '12.5 g', '12.5 g'], [
        1255,
        ScaleStep::TenthGram,
        '12.55 g',
        '12.55 g',
    ], [5, ScaleStep::WholeGram, '0.05 g', '0.05 g'],
    [0, ScaleStep::TenthGram, '0.0 g', '0 g'], [0, ScaleStep::WholeGram, '0 g', '0 g'], [
        10,
        ScaleStep::WholeGram,
        '0.1 g',
        '0.1 g',
    ], [
        100_000,
        ScaleStep::WholeGram,
        '1000 g',
        '1000 g',
    ],
]);

it('is never less than nothing, and says what would have been', function () {
    expect(fn () => cg(-1250))->toRefuse(InvalidAmount::class, '-12.50 g')
        ->and(fn () => cg(100)->minus(cg(101)))->toRefuse(InvalidAmount::class, '-0.01 g')
        ->and(cg(0)->isZero())->toBeTrue()->and(cg(1)->isZero())->toBeFalse()
        ->and(cg(100)->minus(cg(100))->isZero())->toBeTrue()
        ->and(cg(100)->lessAtMost(cg(101))->centigrams)->toBe(0)
        ->and(cg(101)->lessAtMost(cg(100))->centigrams)->toBe(1);
});

it('adds, compares and sums by the centigram', function () {
    expect(cg(1)->plus(cg(2))->centigrams)->toBe(3)
        ->and(Grams::sum([cg(1), cg(20), cg(300)])->centigrams)->toBe(321)
        ->and(Grams::sum([])->isZero())->toBeTrue()
        ->and(cg(2)->isMoreThan(cg(1)))->toBeTrue()
        ->and(cg(2)->isMoreThan(cg(2)))->toBeFalse()
        ->and(cg(2)->equals(cg(2)))->toBeTrue()
        ->and(cg(2)->equals(cg(3)))->toBeFalse()
        ->and(Grams::zero()->equals(cg(0)))->toBeTrue()->and(cg(150)->exactly()->equals(Fraction::of(150)))->toBeTrue();
});

it('rounds to the step the way it is told', function (string $exact, ScaleStep $step, Rounding $way, int $centigrams) {
    expect(Grams::rounded(Fraction::parse($exact), $step, $way)->centigrams)->toBe($centigrams);
})->with([
    ['1234', ScaleStep::TenthGram, Rounding::Down, 1230], ['1234', ScaleStep::TenthGram, Rounding::HalfUp, 1230], [
        '1235',
        ScaleStep::TenthGram,
        Rounding::HalfUp,
        1240,
    ], ['1231', ScaleStep::TenthGram, Rounding::Up, 1240],
    [
        '1224.9',
        ScaleStep::HalfGram,
        Rounding::HalfUp,
        1200,
    ], ['1225', ScaleStep::HalfGram, Rounding::HalfUp, 1250], ['1250', ScaleStep::WholeGram, Rounding::HalfUp, 1300], [
        '1249',
        ScaleStep::WholeGram,
        Rounding::HalfUp,
        1200,
    ],
    ['1200', ScaleStep::WholeGram, Rounding::Up, 1200], ['1200', ScaleStep::WholeGram, Rounding::Down, 1200],
]);

it('knows each step by its size and its decimals', function () {
    expect(array_map(
        static fn (ScaleStep $step): array => [$step->centigrams(), $step->decimals(), $step->show()],
        ScaleStep::cases(),
    ))->toBe([[10, 1, '0.1 g'], [50, 1, '0.5 g'], [100, 0, '1 g']]);
});

it('gives the steps left over to the largest remainders, the first of equals first', function (
    array $exact,
    int $total,
    ScaleStep $step,
    array $rounded,
) {
    $parts = LargestRemainder::round(array_map(Fraction::parse(...), $exact), cg($total), $step);
    expect(array_map(static fn (Grams $part): int => $part->centigrams, $parts))->toBe($rounded);
})->with([
    'thirds of ten' => [['1000/3', '1000/3', '1000/3'], 1000, ScaleStep::TenthGram, [340, 330, 330]],
    'the larger remainder, wherever it stands' => [['331', '338', '331'], 1000, ScaleStep::TenthGram, [330, 340, 330]],
    'nothing left over' => [['300', '700'], 1000, ScaleStep::TenthGram, [300, 700]],
    'two over' => [['155', '155', '155', '35'], 500, ScaleStep::WholeGram, [200, 200, 100, 0]],
    'one part' => [['999.6'], 1000, ScaleStep::TenthGram, [1000]],
    'none' => [[], 0, ScaleStep::TenthGram, []],
    'a total below the floors takes none away' => [['100', '100'], 100, ScaleStep::TenthGram, [100, 100]],
]);

it('loses and invents nothing, and moves nobody by a whole step', function () {
    mt_srand(61);
    for ($i = 0; $i < 400; $i++) {
        $step = ScaleStep::cases()[mt_rand(0, 2)];
        $total = mt_rand(0, 400) * $step->centigrams();
        $weights = array_map(static fn (): int => mt_rand(0, 50), range(1, mt_rand(1, 7)));
        $sum = max(1, array_sum($weights));
        $exact = array_map(static fn (int $weight): Fraction => Fraction::of($total * $weight, $sum), $weights);
        if (array_sum($weights) === 0) {
            continue;
        }
        $parts = LargestRemainder::round($exact, cg($total), $step);
        expect(Grams::sum($parts)->centigrams)->toBe($total);
        foreach ($parts as $at => $part) {
            $miss = $part->exactly()->minus($exact[$at]);
            expect(
                ($miss->isNegative() ? $miss->negated() : $miss)->compare(Fraction::of($step->centigrams())),
            )->toBeLessThan(0)
                ->and($part->centigrams % $step->centigrams())->toBe(0);
        }
    }
});

it('holds the published units exactly', function (Fraction $unit, string $hundredths) {
    // NIST SP 811: avoirdupois ounce 28.349 523 125 g, US fluid ounce 29.573 529 562 5 ml; UK Weights and Measures Act:
    // 28.413 062 5 ml.
    expect($unit->equals(Fraction::of(
        (int) str_replace('.', '', $hundredths),
        10 ** strlen(substr((string) strrchr($hundredths, '.'), 1)),
    )))->toBeTrue();
})->with([
    'weight ounce' => [fn () => MassUnit::weightOunce(), '2834.9523125'],
    'US fluid ounce' => [fn () => MassUnit::usFluidOunce(), '2957.35295625'],
    'imperial fluid ounce' => [fn () => MassUnit::imperialFluidOunce(), '2841.30625'],
]);

it('compares, signs and shows fractions at their edges', function () {
    $half = Fraction::of(1, 2);
    expect([
        $half->compare(Fraction::of(1, 3)),
        $half->compare(Fraction::of(2, 4)),
        $half->compare(Fraction::of(2, 3)),
    ])->toBe([1, 0, -1])
        ->and($half->equals(Fraction::of(2, 4)))->toBeTrue()->and($half->equals(Fraction::of(1, 3)))->toBeFalse()
        ->and(Fraction::zero()->isNegative())->toBeFalse()
        ->and(Fraction::of(-1, 9)->isNegative())->toBeTrue()
        ->and(Fraction::of(1, -9)->isNegative())->toBeTrue()
        ->and(Fraction::of(-1, -2)->equals($half))->toBeTrue()
        ->and(Fraction::of(0, -7)->equals(Fraction::zero()))->toBeTrue()
        ->and(Fraction::of(6, 3)->isWhole())->toBeTrue()->and($half->isWhole())->toBeFalse()
        ->and([
            $half->decimal(0),
            Fraction::of(1, 20)->decimal(1),
            Fraction::of(-1, 20)->decimal(1),
            Fraction::of(-1, 25)->decimal(1),
            Fraction::of(101, 100)->decimal(2),
            Fraction::of(1001, 1000)->decimal(2),
        ])
        ->toBe(['1', '0.1', '-0.1', '0', '1.01', '1']);
});

it('rounds what is below nothing as it rounds what is above', function (
    string $exact,
    int $unit,
    int $down,
    int $half,
    int $up,
) {
    $number = Fraction::parse($exact);
    expect([
        $number->rounded($unit, Rounding::Down),
        $number->rounded($unit, Rounding::HalfUp),
        $number->rounded($unit, Rounding::Up),
    ])->toBe([$down, $half, $up]);
})->with(
    [
        ['7.5', 1, 7, 8, 8],
        ['7.4', 1, 7, 7, 8],
        ['7', 1, 7, 7, 7],
        ['-7.4', 1, -8, -7, -7],
        ['25', 10, 20, 30, 30],
        ['24', 10, 20, 20, 30],
        ['-24', 10, -30, -20, -20],
        ['0', 10, 0, 0, 0],
    ],
);
