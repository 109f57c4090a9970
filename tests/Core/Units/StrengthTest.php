<?php

declare(strict_types=1);

use Core\Formula\BowlAmount;
use Core\Units\Fraction;
use Core\Units\InvalidStrength;
use Core\Units\ScaleStep;
use Core\Units\Strength;
use Core\Units\StrengthBlend;
use Tests\Core\Sample;

it('reads strengths as people say them', function (string $text, string $shown) {
    expect(Strength::parse($text)->show())->toBe($shown);
})->with([
    ['20 vol', '20 vol (6 %)'], ['20v', '20 vol (6 %)'], ['vol 20', '20 vol (6 %)'], ['20', '20 vol (6 %)'],
    ['6 %', '20 vol (6 %)'], ['1,8%', '6 vol (1.8 %)'], ['20 vol 6 %', '20 vol (6 %)'], [
        '6 % 20 vol',
        '20 vol (6 %)',
    ], [
        '20 vol (6%)',
        '20 vol (6 %)',
    ],
]);

it('labels volumes as the trade does', function (int $volume, string $percent) {
    // Common practice, no source: 10 vol = 3 %, and so on.
    expect(Strength::vol($volume)->percent()->decimal(2))->toBe($percent);
})->with([[10, '3'], [20, '6'], [30, '9'], [40, '12'], [6, '1.8'], [7, '2.1'], [13, '3.9']]);

it('stays within 1.2 % of stoichiometry', function () {
    // Outside check: 2 H2O2 -> 2 H2O + O2; molar mass 34.0147 g/mol, CODATA molar volume 22.414 L/mol at 0 °C, 1 atm.
    $gramsPerLitreAndVolume = 2 * 34.0147 / 22.414;
    expect($gramsPerLitreAndVolume)->toBeGreaterThan(3.0345)->toBeLessThan(3.0355);
    foreach ([10, 20, 30, 40] as $volume) {
        $label = (float) Strength::vol($volume)->percent()->decimal(2);
        expect(abs($label / ($volume * $gramsPerLitreAndVolume / 10) - 1))->toBeLessThan(0.012);
    }
});

it('refuses strengths that are wrong, doubtful or dangerous', function (string $text, string $message) {
    expect(fn () => Strength::parse($text))->toRefuse(InvalidStrength::class, $message);
})->with([
    'contradiction' => ['20 vol 9 %', 'disagrees with itself'],
    'either' => ['6', 'could be 6 vol (1.8 %) or 20 vol (6 %)'],
    'above the limit in volume' => ['60 vol', 'above 40 vol'],
    'above the limit in percent' => ['18 %', 'above 40 vol'],
    'zero' => ['0 vol', 'no strength'],
    'bare zero' => ['0', 'no strength'],
    'words' => ['strong', 'not a developer strength'],
    'empty' => ['', 'There is no strength'],
]);

it('mixes strengths by mass', function (array $amounts, string $shown) {
    expect(StrengthBlend::strengthOf(array_map(
        static fn (array $pair) => [Strength::vol($pair[0]), Fraction::of($pair[1])],
        $amounts,
    ))->showVolume())->toBe($shown);
})->with([
    // Common practice, no source.
    'equal parts of 20 and 40 make 30' => [[[20, 1], [40, 1]], '30 vol'],
    'two of 10 and one of 40 make 20' => [[[10, 2], [40, 1]], '20 vol'],
]);

it('finds the blend for a wanted strength', function (string $wanted, array $shelf, array $blend) {
    $found = StrengthBlend::toReach(Strength::parse($wanted), array_map(Strength::vol(...), $shelf));
    expect(array_map(
        static fn (array $share) => $share['strength']->showVolume().' '.$share['share']->numerator.'/'
            .$share['share']->denominator,
        $found->shares,
    ))->toBe($blend);
})->with([
    'on the shelf' => ['20 vol', [10, 20, 40], ['20 vol 1/1']],
    'between neighbours' => ['15 vol', [40, 10, 20], ['10 vol 1/2', '20 vol 1/2']],
    'two thirds' => ['20 vol', [10, 40], ['10 vol 2/3', '40 vol 1/3']],
    'by percentage' => ['3.9 %', [10, 20], ['10 vol 7/10', '20 vol 3/10']],
]);

it('refuses a strength the shelf cannot reach', function (array $shelf, string $message) {
    expect(fn () => StrengthBlend::toReach(Strength::vol(5), array_map(Strength::vol(...), $shelf)))->toRefuse(
        InvalidStrength::class,
        $message,
    );
})->with([[[10, 20], 'cannot be blended from 10 vol'], [[], 'no developers']]);

it('reaches exactly what was wanted, from any shelf that spans it', function () {
    mt_srand(17);
    for ($i = 0; $i < 200; $i++) {
        $shelf = array_map(static fn () => Strength::vol(mt_rand(1, 40)), range(1, mt_rand(2, 6)));
        $volumes = array_map(static fn (Strength $s) => $s->volume->numerator, $shelf);
        $wanted = Strength::ofVolume(Fraction::of(mt_rand(min($volumes) * 10, max($volumes) * 10), 10));
        $blend = StrengthBlend::toReach($wanted, $shelf);
        expect(StrengthBlend::strengthOf(array_map(
            static fn (array $s) => [$s['strength'], $s['share']],
            $blend->shares,
        ))->equals($wanted))->toBeTrue();
    }
});

it('knows the strength on the head', function (string $ratio, string $onHead) {
    // Arithmetic: 6 % at 1:1 is 3 %; at 1:2, 4 %.
    expect(Sample::bowl(
        ['1'],
        $ratio,
        BowlAmount::colour(Sample::g('60')),
    )->work(ScaleStep::TenthGram)->strengthOnHead()?->percent()->decimal(2))->toBe($onHead);
})->with([['1:1', '3'], ['1:2', '4']]);

it('has no strength without developer', function () {
    $worked = Sample::bowl(['1'], 'no developer', BowlAmount::colour(Sample::g('60')))->work(ScaleStep::TenthGram);
    expect($worked->developerStrength())->toBeNull()->and($worked->strengthOnHead())->toBeNull();
});

it('weighs a blend out at the step, to the gram', function (string $total, ScaleStep $step, array $grams) {
    $blend = StrengthBlend::toReach(Strength::vol(20), [Strength::vol(10), Strength::vol(40)]);
    expect(array_map(
        static fn (array $each) => $each['grams']->text(),
        $blend->weighed(Sample::g($total), $step),
    ))->toBe($grams);
})->with([
    'two thirds and one third' => ['90', ScaleStep::TenthGram, ['60 g', '30 g']],
    'odd tenth' => ['50', ScaleStep::TenthGram, ['33.3 g', '16.7 g']],
    'whole grams' => ['50', ScaleStep::WholeGram, ['33 g', '17 g']],
    'rounded to the step first' => ['50.3', ScaleStep::HalfGram, ['33.5 g', '17 g']],
]);

it('reads what is known of a strength', function (string $text, string $known) {
    expect(Strength::words(Strength::known($text)))->toBe($known);
})->with([
    'known' => ['20 vol', '20 vol (6 %)'], 'in percent' => ['6 %', '20 vol (6 %)'], 'I think it was' => [
        '20 vol?',
        '20 vol (6 %)',
    ],
    'a range' => ['10 to 20 vol', '10 to 20 vol (3 to 6 %)'], 'one of two' => [
        '20 or 10 vol',
        '10 to 20 vol (3 to 6 %)',
    ],
    'one of three' => [
        '10, 20 or 30 vol',
        '10 to 30 vol (3 to 9 %)',
    ], 'in percent, either' => ['3 or 6 %', '10 to 20 vol (3 to 6 %)'],
    'nothing' => ['?', 'up to 40 vol (up to 12 %)'], 'words' => ['the weak one', 'up to 40 vol (up to 12 %)'],
]);

it('refuses a strength of which not even the pieces are strengths', function (string $text) {
    expect(fn () => Strength::known($text))->toRefuse(InvalidStrength::class);
})->with(['', '60 vol', '20 vol 9 %', '10 to 90 vol', '6']);
