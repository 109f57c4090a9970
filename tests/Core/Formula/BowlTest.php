<?php

declare(strict_types=1);

use Core\Formula\Additive;
use Core\Formula\Bowl;
use Core\Formula\BowlAmount;
use Core\Formula\Dose;
use Core\Formula\UnworkableBowl;
use Core\Formula\WorkedBowl;
use Core\Units\Grams;
use Core\Units\InvalidShare;
use Core\Units\ScaleStep;
use Tests\Core\Sample;

/** @return array<string, string> */
function gramsOf(WorkedBowl $bowl): array
{
    $grams = [];
    foreach ($bowl->pouringOrder() as $ingredient) {
        $grams[$ingredient->key] = $ingredient->grams->text();
    }

    return $grams;
}

it('works a bowl from any one quantity', function (BowlAmount $amount, string $ratio) {
    $worked = Sample::bowl(['1'], $ratio, $amount)->work(ScaleStep::TenthGram);
    expect($worked->parts[0]->total->text())->toBe('60 g')
        ->and($worked->parts[1]->total->text())->toBe('90 g')
        ->and($worked->total()->text())->toBe('150 g');
})->with([
    // 60 g at 1:1.5 takes 90 g, 150 g in all: common practice, no source.
    'total' => [fn () => BowlAmount::total(Sample::g('150')), '1:1.5'],
    'colour' => [fn () => BowlAmount::colour(Sample::g('60')), '1:1.5'],
    'developer' => [fn () => BowlAmount::developer(Sample::g('90')), '1:1½'],
    'one product' => [fn () => BowlAmount::ingredient('c0', Sample::g('60')), '2:3'],
]);

it('works a three-part system', function () {
    // 16 g at 1:2.5:3.5 takes 40 g and 56 g, 112 g in all: arithmetic.
    $worked = Sample::bowl(['1'], '1:2.5:3.5', BowlAmount::colour(Sample::g('16')))->work(ScaleStep::TenthGram);
    expect(gramsOf($worked))->toBe(['c0' => '16 g', 'd 20 vol' => '40 g', 't2' => '56 g'])
        ->and($worked->total()->text())->toBe('112 g');
});

it('works 20 g of powder at 1:2 to 40 ml', function () {
    // Common practice, no source.
    expect(gramsOf(Sample::bowl(['1'], '1:2', BowlAmount::colour(Sample::g('20')))->work(ScaleStep::WholeGram)))->toBe([
        'c0' => '20 g',
        'd 20 vol' => '40 g',
    ]);
});

it('works a bowl that its own grams give', function () {
    expect(gramsOf(Sample::bowl(['30 g', '15 g'], '1:1.5', BowlAmount::shares())->work(ScaleStep::TenthGram)))
        ->toBe(['c0' => '30 g', 'c1' => '15 g', 'd 20 vol' => '67.5 g'])
        ->and(gramsOf(Sample::bowl(['15 g', '3/4'], '1:1', BowlAmount::shares())->work(ScaleStep::TenthGram)))
        ->toBe(['c0' => '15 g', 'c1' => '45 g', 'd 20 vol' => '60 g']);
});

it('works a bowl from a product in the developer part', function () {
    $worked = Sample::bowl(
        ['1'],
        '1:2',
        BowlAmount::ingredient('d 40 vol', Sample::g('20')),
        ['10 vol' => '2', '40 vol' => '1'],
    )->work(ScaleStep::TenthGram);
    expect(gramsOf($worked))->toBe(['c0' => '30 g', 'd 10 vol' => '40 g', 'd 40 vol' => '20 g']);
});

it('adds up exactly, to the step, whatever the bowl', function (Bowl $bowl, ScaleStep $step) {
    $worked = $bowl->work($step);
    foreach ($worked->parts as $index => $part) {
        expect(Grams::sum(array_map(
            static fn ($ingredient) => $ingredient->grams,
            $part->ingredients,
        )))->toEqual($part->total);
        foreach ($part->ingredients as $ingredient) {
            expect($ingredient->grams->centigrams % $step->centigrams())->toBe(0);
        }
        // Each part follows the rounded colour to within half a step (a step for a developer given in grams).
        $exact = $worked->parts[0]->total->exactly()->times($bowl->ratio->timesColour($index));
        $slack = $bowl->amount->kind === Core\Formula\AmountKind::Developer
            ? $bowl->ratio->timesColour($index)->plus(Core\Units\Fraction::one())
            : Core\Units\Fraction::one();
        $miss = $exact->minus($part->total->exactly());
        expect(($miss->isNegative() ? $miss->negated() : $miss)->compare($slack->times(Core\Units\Fraction::of(
            $step->centigrams(),
            2,
        ))))->toBeLessThanOrEqual(0);
    }
    expect(Grams::sum(array_map(static fn ($part) => $part->total, $worked->parts)))->toEqual($worked->mixture);
})->with(fn () => Sample::anyBowls(250, 42));

it('keeps every product within a step of its exact share', function (Bowl $bowl, ScaleStep $step) {
    $worked = $bowl->work($step);
    foreach ($worked->parts as $index => $part) {
        foreach ($bowl->parts[$index]->shares->split($part->total->exactly()) as $at => $exact) {
            $miss = $exact->minus($part->ingredients[$at]->grams->exactly());
            expect(abs($miss->numerator))->toBeLessThan($step->centigrams() * $miss->denominator);
        }
    }
})->with(fn () => Sample::anyBowls(150, 43));

it('doubles every gram when the bowl is doubled on the step', function () {
    $once = Sample::bowl(['2', '1', '1'], '1:1.5', BowlAmount::colour(Sample::g('40')))->work(ScaleStep::TenthGram);
    $twice = Sample::bowl(['2', '1', '1'], '1:1.5', BowlAmount::colour(Sample::g('80')))->work(ScaleStep::TenthGram);
    foreach ($once->pouringOrder() as $at => $ingredient) {
        expect($twice->pouringOrder()[$at]->grams->centigrams)->toBe(2 * $ingredient->grams->centigrams);
    }
});

it('says when the step moves the total', function () {
    $worked = Sample::bowl(['1'], '1:2', BowlAmount::total(Sample::g('100')))->work(ScaleStep::TenthGram);
    expect($worked->differsFromAsked())->toBeTrue()
        ->and($worked->mixture->text())->toBe('99.9 g')
        ->and(Sample::bowl(
            ['1'],
            '1:1.5',
            BowlAmount::total(Sample::g('150')),
        )->work(ScaleStep::TenthGram)->differsFromAsked())
        ->toBeFalse();
});

it('doses additives on top of the ratio', function (string $dose, string $grams) {
    $plain = Sample::bowl(['1'], '1:2', BowlAmount::colour(Sample::g('30')));
    $worked = (new Bowl(
        $plain->ratio,
        $plain->parts,
        $plain->amount,
        [new Additive('bond', 'bond builder', Dose::parse($dose))],
    ))->work(ScaleStep::TenthGram);
    expect($worked->additives[0]->grams->text())->toBe($grams)
        ->and($worked->mixture->text())->toBe('90 g')
        ->and(Dose::parse(Dose::parse($dose)->text()))->toEqual(Dose::parse($dose));
})->with(
    [
        'per bowl' => ['3.5 g', '3.5 g'],
        'per gram' => ['0.1 g per gram', '3 g'],
        'short per gram' => ['0.1 g/g', '3 g'],
        'percent' => ['5 %', '4.5 g'],
    ],
);

it('refuses bowls that cannot be', function (callable $work, string $class, string $message) {
    expect($work)->toRefuse($class, $message);
})->with([
    'nothing' => [
        fn () => Sample::bowl(['1'], '1:1', BowlAmount::total(Grams::zero()))->work(ScaleStep::TenthGram),
        UnworkableBowl::class,
        'comes to nothing',
    ],
    'no developer to give' => [
        fn () => Sample::bowl(
            ['1'],
            'no developer',
            BowlAmount::developer(Sample::g('60')),
        )->work(ScaleStep::TenthGram),
        UnworkableBowl::class,
        'it has none',
    ],
    'too large' => [
        fn () => Sample::bowl(['1'], '1:2', BowlAmount::colour(Sample::g('2000')))->work(ScaleStep::TenthGram),
        UnworkableBowl::class,
        'more than any bowl holds',
    ],
    'below the step' => [
        fn () => Sample::bowl(['1', '300'], '1:1', BowlAmount::colour(Sample::g('10')))->work(ScaleStep::WholeGram),
        UnworkableBowl::class,
        'less than the scale',
    ],
    'shares say nothing' => [
        fn () => Sample::bowl(['1'], '1:1', BowlAmount::shares())->work(ScaleStep::TenthGram),
        UnworkableBowl::class,
        'do not say how much',
    ],
    'product not in the bowl' => [
        fn () => Sample::bowl(['1'], '1:1', BowlAmount::ingredient('x', Sample::g('5')))->work(ScaleStep::TenthGram),
        UnworkableBowl::class,
        'not in it',
    ],
    'fixed beyond the part' => [
        fn () => Sample::bowl(['70 g', 'rest'], '1:1', BowlAmount::colour(Sample::g('60')))->work(ScaleStep::TenthGram),
        InvalidShare::class,
        'more than the 60 g',
    ],
]);
