<?php

declare(strict_types=1);

use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** @param  array<string, int>  $weights  by family */
function mixOf(array $weights): ToneMix
{
    return ToneMix::mean(array_map(
        static fn (string $family, int $weight): array => [
            ToneMix::only(ToneFamily::from($family)),
            Fraction::of($weight),
        ],
        array_keys($weights),
        $weights,
    ));
}

it('is the mean by weight of what carries a tone', function () {
    // 10 g of gold and 10 g of half copper, half gold are 75 % gold (common practice, no source).
    $mix = ToneMix::mean([
        [mixOf(['gold' => 1]), Fraction::of(10)],
        [mixOf(['gold' => 1, 'copper' => 1]), Fraction::of(10)],
        [ToneMix::none(), Fraction::of(80)],
    ]);
    expect($mix->share(ToneFamily::Gold)->decimal(4))->toBe('0.75')
        ->and($mix->share(ToneFamily::Copper)->decimal(4))->toBe('0.25')
        ->and($mix->share(ToneFamily::Ash)->isZero())->toBeTrue()->and($mix->words())->toBe('75 % gold, 25 % copper');
});

it('has no tone where nothing brings one', function () {
    foreach (
        [
            ToneMix::none(),
            ToneMix::mean([]),
            ToneMix::mean([[ToneMix::none(), Fraction::of(5)]]),
            ToneMix::mean([[mixOf(['gold' => 1]), Fraction::zero()]]),
        ] as $mix
    ) {
        expect($mix->isNone())->toBeTrue()
            ->and($mix->shares())->toBe([])
            ->and($mix->words())->toBe('no tone')
            ->and($mix->warmth()->isZero())->toBeTrue();
    }
    expect(mixOf(['red' => 1])->isNone())->toBeFalse();
});

it('names what there is most of first, and keeps the families’ order where they read the same', function (
    array $weights,
    string $words,
) {
    expect(mixOf($weights)->words())->toBe($words);
})->with([
    'one' => [['red' => 3], 'red'],
    'the larger first' => [['natural' => 1, 'copper' => 3], '75 % copper, 25 % natural'],
    'alike' => [['natural' => 1, 'ash' => 1], '50 % natural, 50 % ash'],
    'alike in the percents that are shown' => [['natural' => 499, 'ash' => 501], '50 % natural, 50 % ash'],
    'a hair more is a percent more' => [['natural' => 49, 'ash' => 51], '51 % ash, 49 % natural'],
]);

it('keeps its shares together one, in the families’ order', function () {
    mt_srand(71);
    for ($i = 0; $i < 200; $i++) {
        $weights = [];
        foreach (ToneFamily::cases() as $family) {
            $weights[$family->value] = mt_rand(0, 4);
        }
        $shares = mixOf($weights)->shares();
        $sum = array_reduce(
            $shares,
            static fn (Fraction $all, Fraction $each): Fraction => $all->plus($each),
            Fraction::zero(),
        );
        expect(array_keys($shares))->toBe(array_keys(array_filter($weights)))
            ->and($shares === [] || $sum->equals(Fraction::one()))->toBeTrue();
        foreach ($shares as $share) {
            expect($share->isZero() || $share->isNegative())->toBeFalse();
        }
    }
});

it('leans warm or cool by what it is made of', function () {
    expect(mixOf(['copper' => 1])->warmth()->compare(Fraction::zero()))->toBe(1)
        ->and(mixOf(['ash' => 1])->warmth()->compare(Fraction::zero()))->toBe(-1)
        ->and(mixOf(['copper' => 3, 'ash' => 1])->warmth()->compare(mixOf(['copper' => 1, 'ash' => 1])->warmth()))
        ->toBe(1);
});

it('is as far from another as their shares differ', function (array $one, array $other, string $distance) {
    expect(mixOf($one)->distance(mixOf($other))->decimal(4))->toBe($distance)
        ->and(mixOf($other)->distance(mixOf($one))->decimal(4))->toBe($distance);
})->with([
    'itself' => [['gold' => 2, 'ash' => 1], ['gold' => 4, 'ash' => 2], '0'],
    'nothing in common' => [['gold' => 1], ['ash' => 1], '1'],
    'half in common' => [['gold' => 1, 'ash' => 1], ['gold' => 1], '0.5'],
    'a quarter moved' => [['gold' => 3, 'copper' => 1], ['gold' => 1], '0.25'],
    'no tone against one' => [[], ['gold' => 1], '1'],
    'no tone twice' => [[], [], '0'],
]);

// Our own model: no source; what is fixed here is that a number is not changed without being meant.
it('leans as far as its families lean', function (ToneFamily $family, string $warmth) {
    $half = ToneMix::mean(
        [[ToneMix::only($family), Fraction::one()], [ToneMix::only(ToneFamily::Natural), Fraction::one()]],
    );
    expect(ToneMix::only($family)->warmth()->decimal(2))->toBe($warmth)
        ->and($half->warmth()->times(Fraction::of(2))->decimal(2))->toBe($warmth);
})->with([
    'natural' => [ToneFamily::Natural, '0'],
    'ash' => [ToneFamily::Ash, '-1'],
    'matte' => [ToneFamily::Matte, '-0.6'],
    'violet' => [ToneFamily::Violet, '-0.7'],
    'pearl' => [ToneFamily::Pearl, '-0.6'],
    'beige' => [ToneFamily::Beige, '-0.1'],
    'gold' => [ToneFamily::Gold, '0.8'],
    'copper' => [ToneFamily::Copper, '1'],
    'mahogany' => [ToneFamily::Mahogany, '0.5'],
    'red' => [ToneFamily::Red, '0.9'],
    'brown' => [ToneFamily::Brown, '0.3'],
]);

it('has no tone where only what carries none is mixed, or nothing is', function () {
    $clear = ToneMix::mean([[ToneMix::none(), Fraction::of(3)], [ToneMix::only(ToneFamily::Gold), Fraction::zero()]]);
    expect($clear->isNone())->toBeTrue()->and(ToneMix::mean([])->isNone())->toBeTrue()
        ->and($clear->words())->toBe('no tone');
});
